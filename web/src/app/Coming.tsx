import { Loading } from '../common/States';

/** While the script of the first page is on its way. */
export function Coming() {
  return (
    <main aria-busy>
      <Loading what="the page" />
    </main>
  );
}
