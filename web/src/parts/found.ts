/** Something that breaks a rule, whatever it is about; see the core's findings. */
export interface Found<M> {
  rule: string;
  weight: 'STOP' | 'WARN' | 'NOTE';
  what: string;
  why: string;
  mend?: M;
}
