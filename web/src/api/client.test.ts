import { afterEach, describe, expect, test } from 'vitest';
import { refusal, sayAs, trouble, Trouble } from './client';

describe('what the server refuses', () => {
  afterEach(() => sayAs((text) => text));

  const refused = {
    detail: 'widthMm is {mm:900}. Accepted: {mm:20} to {mm:500}.',
    errors: [{ field: 'widthMm', message: 'is {mm:900}', accepted: '{mm:20} to {mm:500}' }],
  };

  test('is said in the units of the person, wherever it is shown', () => {
    sayAs((text) => text.replace(/\{mm:(\d+)\}/g, '$1 mm'));
    const said = trouble(422, refused);
    expect(said.message).toBe('widthMm is 900 mm. Accepted: 20 mm to 500 mm.');
    expect(said.fields[0]).toEqual({ field: 'widthMm', message: 'is 900 mm', accepted: '20 mm to 500 mm' });
    expect(refusal(said, 'The width')).toBe('The width is 900 mm. Accepted: 20 mm to 500 mm.');
  });

  test('is said even if nothing came with it', () => {
    expect(trouble(500, undefined)).toMatchObject({
      status: 500,
      message: 'Something went wrong.',
      fields: [],
    });
    expect(refusal(new Trouble(0, 'Glanzen does not answer.'))).toBe('Glanzen does not answer.');
  });
});
