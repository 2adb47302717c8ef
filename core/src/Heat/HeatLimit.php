<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/** What something stands: a temperature at a face, or so much melted, beyond which it is harmed. */
final readonly class HeatLimit implements \JsonSerializable
{
    /** Where it is taken, as a stack's faces are called; or the depth that has melted, in mm. */
    public const BACKING = 'backing';
    public const PRINTED_FACE = 'printed face';
    public const FILM = 'film';
    public const MELTED = 'melted';

    /**
     * @param string $what happens then
     * @param float $value in °C, or in mm of what has melted
     * @param bool $ends it spoils the piece; else it is only told
     * @param float|null $atS when it is passed; null where it is not, or nobody has looked yet
     */
    public function __construct(
        public string $what,
        public string $where,
        public float $value,
        public bool $ends = true,
        public ?float $atS = null,
    ) {}

    public function passedAt(?float $seconds): self
    {
        return new self($this->what, $this->where, $this->value, $this->ends, $seconds);
    }

    /** @return array{what: string, c: float|null, mm: float|null, s: float|null, ends: bool} */
    public function jsonSerialize(): array
    {
        $depth = self::MELTED === $this->where;

        return [
            'what' => $this->what,
            'c' => $depth ? null : $this->value,
            'mm' => $depth ? $this->value : null,
            's' => $this->atS,
            'ends' => $this->ends,
        ];
    }
}
