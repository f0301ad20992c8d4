import { capital } from './text';
import { spokenOf } from './several';
import type { Aim, Item } from '../gear';
import type { Fact } from '../knowledge';

/** One sentence a person would say of this thing, from the aims. */
export function verdictText(aims: readonly Aim[], has: (fact: Fact) => boolean, item: Pick<Item, 'kind' | 'count'>): string {
  return spokenOf(item)(ofOne(aims, has));
}

function ofOne(aims: readonly Aim[], has: (fact: Fact) => boolean): string {
  if (aims.length === 0)
    return has('unseen:soil') && has('unseen:odour')
      ? 'Nothing seen so far asks for care; look it over to be sure.'
      : 'Leave it alone: it needs nothing.';
  if (aims[0] === 'refer') {
    if (has('life-safety')) return 'Leave it to the maker and a competent person: this is life-safety kit.';
    if (has('refer:label')) return 'Do not wash it at home: take it to a professional.';
    if (has('refer:down-tumble')) return 'Do not wash it at home: ask the maker or a down specialist.';
    if (has('refer:material'))
      return has('mat:fur') ? 'Do not wash it: take it to a furrier.' : 'Do not wash it: take it to a specialist.';
    return 'Do not wash it at home: take it to a launderette or a professional.';
  }
  const parts: string[] = [];
  for (const aim of aims) parts.push(...phrase(aim, has));
  const sentence = parts.length > 1 ? `${parts.slice(0, -1).join(', ')}, then ${parts[parts.length - 1]}` : (parts[0] ?? '');
  const washes = aims.includes('wash');
  return `${capital(sentence)}${washes || sentence.includes('wash') ? '.' : '; do not wash it.'}`;
}

function phrase(aim: Aim, has: (fact: Fact) => boolean): string[] {
  switch (aim) {
    case 'repair':
      return [
        has('leaking')
          ? has('family:flask')
            ? 'replace it'
            : 'have it repaired'
          : has('damage:feather') && !has('hole')
            ? 'work the feather back in'
            : 'mend it first',
      ];
    case 'spot-clean':
      if (has('nap-work')) return ['erase and brush the marks out'];
      if (has('rubber-marked') && !has('cloth-marked') && !has('hide-marked')) return ['clean the rubber'];
      if (has('inside-work')) return ['clean the inside'];
      return [has('salt-line') ? 'wipe the salt off with a damp cloth' : 'wipe the marks off'];
    case 'air':
      return [has('damp') ? 'dry it before it is put away' : 'air it'];
    case 'fluff':
      return ['fluff it without water'];
    case 'rinse':
      return ['rinse it with plain water'];
    case 'wash':
      return [
        has('method:surface') ? 'clean its surface' : has('method:extract') ? 'spray-clean it' : 'wash it',
        ...(has('dry:tumble-down') ? ['dry it in rounds'] : []),
      ];
    case 'reactivate':
      return [has('aim:renew') ? 'warm it' : 'warm the finish'];
    case 'renew':
      return ['renew its finish'];
    case 'downgrade':
      return ['move it to dirtier jobs'];
    default:
      return [aim];
  }
}
