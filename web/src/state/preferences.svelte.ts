import { api, asked, sayAs, type Preferences } from '../api/client';
import * as format from '../parts/format';
import { tell } from './messages.svelte';

const initial: Preferences = {
  length: 'MM',
  temperature: 'C',
  weight: 'GSM',
  theme: 'SYSTEM',
  textSize: 'NORMAL',
  notesRead: [],
  sound: 'SOFT',
  bias: 'BY_CONTRAST',
  roomC: 21,
  // The craft's own figures come with the first answer.
  thumb: { gelWaste: 0, tapeCm: 0, pullsAParchment: 0, inkMlPerCm2: 0 },
  version: 0,
};

/** How the person likes things shown; everything that prints a quantity reads it, so a change shows everywhere at once. */
class PreferencesState {
  now = $state<Preferences>(initial);

  async load() {
    this.now = await asked(api.GET('/api/preferences'));
  }

  async change(part: Partial<Preferences>) {
    const before = this.now;
    this.now = { ...before, ...part };
    try {
      this.now = await asked(api.PUT('/api/preferences', { body: this.now }));
    } catch (trouble) {
      this.now = before;
      await this.load();
      tell(trouble);
    }
  }

  said = (text: string) => format.said(text, this.now);
  length = (mm: number) => format.length(mm, this.now);
  lengthFigure = (mm: number) => format.lengthFigure(mm, this.now);
  temperature = (celsius: number) => format.temperature(celsius, this.now);
  degrees = (kelvin: number) => format.degrees(kelvin, this.now);
  gap = (mm: number) => format.gap(mm, this.now);
  gapFigure = (mm: number) => format.gapFigure(mm, this.now);
  area = (cm2: number) => format.area(cm2, this.now);
  money = (value: number, decimals?: number) => format.money(value, this.now.money, decimals);
  weight = (gsm: number) => format.weight(gsm, this.now);
}

export const preferences = new PreferencesState();
sayAs(preferences.said);
