import type { DesignView } from '../api/client';
import { ink } from '../theme/theme';

/** A design without a picture: foil and its shine, gauze, dots, blended colours, a plain sheet. */
export function BareSheet({
  design,
  width: w,
  height: h,
  id,
}: {
  design: Pick<DesignView, 'given'>;
  width: number;
  height: number;
  id: string;
}) {
  const { kind, answers, background } = design.given;
  const colour = answers.choices.colour ?? background ?? ink('wood');
  switch (kind) {
    case 'FOIL':
      return (
        <g>
          <defs>
            <linearGradient id={`${id}shine`} x1="0" x2="1" y1="0" y2="1">
              <stop offset="0" stopColor={ink('card')} stopOpacity="0.5" />
              <stop offset="0.4" stopColor={ink('card')} stopOpacity="0" />
              <stop offset="0.7" stopColor={ink('card')} stopOpacity="0.35" />
              <stop offset="1" stopColor={ink('ink')} stopOpacity="0.15" />
            </linearGradient>
          </defs>
          <rect width={w} height={h} fill={answers.choices.colour ?? '#C9A24A'} />
          <rect width={w} height={h} fill={`url(#${id}shine)`} />
        </g>
      );
    case 'DOTS': {
      const d = answers.numbers.diameter ?? 8;
      return (
        <circle cx={w / 2} cy={h / 2} r={d / 2} fill={answers.choices.colour ?? ink('rust')} />
      );
    }
    case 'PAINTED_ZONE': {
      const shades = [1, 2, 3]
        .map((i) => answers.choices[`colour${i}`])
        .filter((c): c is string => Boolean(c));
      return (
        <g>
          <defs>
            <radialGradient id={`${id}zone`}>
              {[...shades].reverse().map((c, i, all) => (
                <stop key={c} offset={i / Math.max(1, all.length - 1)} stopColor={c} />
              ))}
            </radialGradient>
          </defs>
          <rect width={w} height={h} fill={shades.length > 0 ? `url(#${id}zone)` : ink('sea')} />
        </g>
      );
    }
    default:
      return (
        <rect
          width={w}
          height={h}
          fill={kind === 'PLASTER_FABRIC' ? ink('card') : colour}
          stroke={ink('soft')}
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
      );
  }
}
