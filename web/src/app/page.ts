import type { ComponentType } from 'react';
import type { RouteObject } from 'react-router';

/** Of a page whose script cannot be fetched: the server is away, or newer than what is open. */
export class NotFetched extends Error {
  constructor(readonly page: string) {
    super(`the script of ${page} cannot be fetched`);
    this.name = 'NotFetched';
  }
}

/**
 * A page by the name its file gives it. Its script is fetched when somebody first goes there: who
 * only looks up a word reads none of what draws a map, and the page before stays until it is here.
 *
 * @throws NotFetched where it is gone to and its script does not come
 */
export function page<Name extends string>(
  name: Name,
  fetched: () => Promise<Readonly<Record<Name, ComponentType>>>,
): Pick<RouteObject, 'lazy'> {
  return {
    // as a function: of a property alone that does not come the router says nothing
    lazy: async () => {
      try {
        return { Component: (await fetched())[name] };
      } catch {
        throw new NotFetched(name);
      }
    },
  };
}
