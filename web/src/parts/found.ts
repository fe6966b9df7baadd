/** Something that breaks a rule, whatever it is about; see the core's findings. */
export interface Found<M> {
  rule: string;
  weight: 'STOP' | 'WARN' | 'NOTE' | 'FACT';
  what: string;
  why: string;
  mend?: M;
}

/** Whether a finding is marked in a drawing. */
export const loud = (weight: Found<unknown>['weight']) => weight === 'STOP' || weight === 'WARN';
