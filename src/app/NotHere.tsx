import { PATHS } from './routes';
import { LinkButton } from '../ui/Button';
import { Page, Empty } from '../ui/basics';

/** The address names a thing that is not, or no longer, there. */
export function NotInKit() {
  return (
    <Page>
      <Empty whole title="This thing is not in your kit.">
        <p>It may have been deleted, or the kit replaced.</p>
        <LinkButton to={PATHS.kit}>To the kit</LinkButton>
      </Empty>
    </Page>
  );
}

/** The address names a line of the record that is not, or no longer, there. @param what "look", "line". */
export function NotInRecord({ what }: { what: string }) {
  return (
    <Page>
      <Empty whole title={`This ${what} is not in the record.`}>
        <LinkButton to={PATHS.record}>To the record</LinkButton>
      </Empty>
    </Page>
  );
}
