import { Empty, Page } from '../ui/basics';
import { LinkButton } from '../ui/Button';
import { PATHS } from './routes';

/** An address that leads nowhere says so, instead of showing something else. @param what it was taken for. */
export function Lost({ what = 'page' }: { what?: string }) {
  return (
    <Page>
      <Empty whole title={`There is no such ${what}.`}>
        <p>The address may be mistyped, or from another version. Nothing was changed.</p>
        <LinkButton to={PATHS.now}>To Now</LinkButton>
      </Empty>
    </Page>
  );
}
