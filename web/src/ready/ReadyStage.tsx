import { useId } from 'react';
import type { Part, Schemas } from '../api/client';
import { contrasting, onCloth } from '../blank/onCloth';
import { useFormat } from '../measure/settings';
import { scaleLabel, useSize } from '../parts/useSize';
import { PieceDrawing } from '../plan/PieceDrawing';

/** The piece to scale, with the picture on it as it would be. */
export function ReadyStage({ view, look }: { view: Part; look: Schemas['ReadyLook'] }) {
  const format = useFormat();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const cloth = useId();
  const { blank } = view.plan;
  const { placed } = look;
  const points = blank.drawing.flatMap((line) => line.points);
  const xs = [...points.map((p) => p[0] ?? 0), placed.x_mm, placed.x_mm + placed.width_mm];
  const ys = [...points.map((p) => p[1] ?? 0), placed.y_mm, placed.y_mm + placed.height_mm];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [wide, high] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const scale = Math.max(0.05, Math.min((width - 40) / wide, (height - 60) / high));
  const x = (mm: number) => Math.round((width / 2 + (mm - left - wide / 2) * scale) * 10) / 10;
  const y = (mm: number) => Math.round((24 + (mm - top) * scale) * 10) / 10;
  return (
    <div ref={ref} className="relative h-full min-h-72">
      <span className="absolute top-0 right-0 text-sm text-soft">{width > 0 && scaleLabel(scale)}</span>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          className="absolute inset-0"
          role="img"
          aria-label={`The picture on the piece, ${format.length(placed.width_mm)} wide and ${format.length(placed.height_mm)} high`}
        >
          <PieceDrawing view={view} x={x} y={y} scale={scale} cloth={cloth}>
            {null}
          </PieceDrawing>
          <g style={onCloth(view.job.blank.colour)}>
            <image
              href={look.image}
              x={x(placed.x_mm)}
              y={y(placed.y_mm)}
              width={placed.width_mm * scale}
              height={placed.height_mm * scale}
              preserveAspectRatio="none"
            />
            <rect
              x={x(placed.x_mm)}
              y={y(placed.y_mm)}
              width={placed.width_mm * scale}
              height={placed.height_mm * scale}
              fill="none"
              className="stroke-face"
              strokeDasharray="4 3"
            />
          </g>
          {look.own !== null && (
            <g className="text-face">
              <rect
                x={x(look.own.x_mm)}
                y={y(look.own.y_mm)}
                width={look.own.width_mm * scale}
                height={look.own.height_mm * scale}
                fill="none"
                className="stroke-face"
                strokeDasharray="2 3"
              />
              <text
                x={x(look.own.x_mm + look.own.width_mm / 2)}
                y={y(look.own.y_mm + look.own.height_mm / 2) + 4}
                textAnchor="middle"
                fontSize={12}
                fill={contrasting(view.job.blank.colour)}
              >
                name
              </text>
            </g>
          )}
        </svg>
      )}
      <p className="absolute bottom-0 left-0 bg-ground px-1 text-sm text-soft">
        {format.length(placed.width_mm)} × {format.length(placed.height_mm)} ·{' '}
        {look.inked < 0.005 ? 'almost nothing' : `${Math.round(look.inked * 100)} % of it`} has colour
      </p>
    </div>
  );
}
