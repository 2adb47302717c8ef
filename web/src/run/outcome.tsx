const LOOK: Record<string, [string, string, string]> = {
  good: ['✓', 'good', 'text-done'],
  redo: ['▲', 'do it again', 'text-wait'],
  spoiled: ['✕', 'spoiled', 'text-hot'],
};

export function OutcomeWord({ outcome }: { outcome: string }) {
  const [sign, word, tone] = LOOK[outcome] ?? ['?', outcome, ''];
  return (
    <span className={`font-bold whitespace-nowrap ${tone}`}>
      {sign} {word}
    </span>
  );
}
