import { Button } from '../common/Button';
import { choose, useLight } from '../theme/light';

/** Dims the page for an evening at the bench, and back. */
export function LightButton() {
  const light = useLight();
  const evening = light === 'evening';
  return (
    <Button
      aria-label="Evening light"
      aria-pressed={evening}
      title={evening ? 'By day' : 'Dim the page for the evening'}
      px="2"
      onClick={() => choose(evening ? 'day' : 'evening')}
    >
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden>
        {evening ? (
          <g stroke="currentColor" strokeWidth="1.5" strokeLinecap="round" fill="none">
            <circle cx="9" cy="9" r="3.4" />
            <path d="M9 1.6v1.8M9 14.6v1.8M1.6 9h1.8M14.6 9h1.8M3.8 3.8l1.3 1.3M12.9 12.9l1.3 1.3M14.2 3.8l-1.3 1.3M5.1 12.9l-1.3 1.3" />
          </g>
        ) : (
          <path
            d="M14.6 11.2A6.3 6.3 0 0 1 6.8 3.4a6.3 6.3 0 1 0 7.8 7.8Z"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.5"
            strokeLinejoin="round"
          />
        )}
      </svg>
    </Button>
  );
}
