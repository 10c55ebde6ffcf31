type Props = {
  readonly width: number;
  readonly height: number;
  readonly label: string;
  readonly isPressed?: boolean;
  /** it lies on a map that is moved by dragging: pressing it does not take hold of that */
  readonly onMap?: boolean;
  readonly onGo: () => void;
};

/** A drawn face that is gone to: by a click, by Enter or the space bar. */
export function FaceTarget({ width, height, label, isPressed, onMap = false, onGo }: Props) {
  return (
    <rect
      width={width}
      height={height}
      fill="transparent"
      style={{ cursor: 'pointer' }}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={isPressed}
      onPointerDown={(e) => onMap && e.stopPropagation()}
      onClick={onGo}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          onGo();
        }
      }}
    />
  );
}
