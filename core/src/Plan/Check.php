<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;

/** One mistake looked for before it can cost a piece. */
final readonly class Check implements \JsonSerializable
{
    /**
     * @param string $id stable; an override names it
     * @param ?Fix $fix what would mend it, where one change does
     * @param string $field the ticket line it belongs to
     */
    private function __construct(
        public string $id,
        public Stage $stage,
        public Severity $severity,
        public string $field,
        public Phrase $message,
        public ?Phrase $mend,
        public ?Fix $fix,
        public ?string $overriddenBecause,
    ) {}

    public static function pass(string $id, Stage $stage, string $field, Phrase $message): self
    {
        return new self($id, $stage, Severity::Pass, $field, $message, null, null, null);
    }

    public static function found(
        string $id,
        Stage $stage,
        Severity $severity,
        string $field,
        Phrase $message,
        Phrase $mend,
        ?Fix $fix = null,
    ): self {
        return new self($id, $stage, $severity, $field, $message, $mend, $fix, null);
    }

    /** Set aside by the person: a stop becomes a warning that keeps its reason. Anything else stays as it is. */
    public function overridden(string $reason): self
    {
        if (Severity::Stop !== $this->severity) {
            return $this;
        }

        return new self(
            $this->id,
            $this->stage,
            Severity::Warn,
            $this->field,
            $this->message,
            $this->mend,
            $this->fix,
            $reason,
        );
    }

    public function blocks(): bool
    {
        return in_array($this->severity, [Severity::Missing, Severity::Stop, Severity::Impossible], true);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'stage' => $this->stage->value,
            'severity' => $this->severity->value,
            'field' => $this->field,
            'message' => $this->message,
            'mend' => $this->mend,
            'fix' => $this->fix,
            'blocks' => $this->blocks(),
            'overridable' => Severity::Stop === $this->severity,
            'overridden_because' => $this->overriddenBecause,
        ];
    }
}
