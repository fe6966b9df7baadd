import type { Schemas } from '../api/client';

/** How the things on each shelf are entered is the core's to say; here is only how a form reads and writes a member. */
export type Field = Schemas['Field'];
export type Item = Record<string, unknown>;

/** The member's name as an error names it. */
export const path = (field: Field) => (field.part ? `${field.part}.${field.key}` : field.key);

export function read(item: Item, field: Field): unknown {
  return (field.part ? (item[field.part] as Item) : item)[field.key];
}

/** The item with a member changed. */
export function written(item: Item, field: Field, value: unknown): Item {
  if (!field.part) return { ...item, [field.key]: value };
  return { ...item, [field.part]: { ...(item[field.part] as Item), [field.key]: value } };
}
