import { chakra } from '@chakra-ui/react';
import { Fragment } from 'react';

/**
 * A text whose fractions are set as fractions: 17 3/8" with a small raised 3 and a small 8. What is
 * read aloud or copied stays 17 3/8".
 */
export function Fig({ text }: { text: string }) {
  const parts = split(text);
  if (parts.length === 1 && typeof parts[0] === 'string') {
    return <>{text}</>;
  }
  return (
    <chakra.span whiteSpace="normal">
      {parts.map((part, i) =>
        typeof part === 'string' ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts of one fixed text
          <Fragment key={i}>{part}</Fragment>
        ) : (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts of one fixed text
          <chakra.span key={i} whiteSpace="nowrap">
            <chakra.span fontSize="0.72em" verticalAlign="0.38em" lineHeight="0">
              {part.over}
            </chakra.span>
            <chakra.span mx="-0.02em">/</chakra.span>
            <chakra.span fontSize="0.72em" verticalAlign="-0.06em" lineHeight="0">
              {part.under}
            </chakra.span>
          </chakra.span>
        ),
      )}
    </chakra.span>
  );
}

/** The same inside a drawing, where a text has no lines to raise: each part says how far it moves. */
export function SvgFig({ text }: { text: string }) {
  return (
    <>
      {split(text).map((part, i) =>
        typeof part === 'string' ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts of one fixed text
          <tspan key={i}>{part}</tspan>
        ) : (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts of one fixed text
          <Fragment key={i}>
            <tspan style={{ fontSize: '0.74em' }} dy="-4">
              {part.over}
            </tspan>
            <tspan dy="4">/</tspan>
            <tspan style={{ fontSize: '0.74em' }} dy="1">
              {part.under}
            </tspan>
            <tspan dy="-1">{'\u200b'}</tspan>
          </Fragment>
        ),
      )}
    </>
  );
}

type Part = string | { readonly over: string; readonly under: string };

export function split(text: string): Part[] {
  const parts: Part[] = [];
  let at = 0;
  for (const m of text.matchAll(/(\d+) (\d+)\/(\d+)|(\d+)\/(\d+)/g)) {
    const start = m.index;
    const lead = text.slice(at, start) + (m[1] ?? '');
    if (lead) {
      // a narrow space that no line breaks at keeps a whole number and its fraction together
      parts.push(m[1] ? `${lead}\u202f` : lead);
    }
    parts.push({ over: m[2] ?? m[4] ?? '', under: m[3] ?? m[5] ?? '' });
    at = start + m[0].length;
  }
  if (at < text.length) {
    parts.push(text.slice(at));
  }
  return parts;
}
