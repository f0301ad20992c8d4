import type { Item } from './item';

/** True for what sheds rain by a finish, which fades and is renewed. */
export const hasFinish = ({ repellency }: Pick<Item, 'repellency'>): boolean => repellency === 'finish';
