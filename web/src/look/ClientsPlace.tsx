import { Place } from '../common/Place';
import { useLooks } from './useLooks';

/** The way to the clients, with how much of what they said nobody has read yet. */
export function ClientsPlace() {
  const unread = useLooks().data?.comments.filter((c) => !c.read).length ?? 0;
  return <Place to="/studio/clients">{unread === 0 ? 'Clients' : `Clients (${unread} new)`}</Place>;
}
