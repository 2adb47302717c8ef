<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** What a person did at the bench, as the page sends it. */
#[OA\Schema(required: ['id', 'position', 'type'])]
final readonly class Press
{
    /** A press that waited for the network longer than this is taken as this old, in seconds. */
    private const LONGEST_WAIT_S = 86400.0;
    private const LONGEST_REASON = 200;

    /** @param list<Mark> $defects */
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')] public string $id,
        #[OA\Property(description: 'The step that was on the screen')] public int $position,
        public EventType $type,
        public ?Outcome $outcome,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'The piece that is judged, where several are at hand',
            ),
        ]
        public ?int $piece,
        public array $defects,
        public string $note,
        #[
            OA\Property(type: 'string', nullable: true, description: 'SHA-256 of an uploaded photo'),
        ]
        public ?string $photo,
        #[
            OA\Property(type: 'string', nullable: true, description: 'The same of one from before'),
        ]
        public ?string $photo_before,
        #[OA\Property(description: 'Longer, for “again”')] public float $seconds,
        #[OA\Property(description: 'What a look under a corner told')] public bool $ready,
        #[OA\Property(description: 'Why a step was left out')] public string $reason,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Id of the press that was a mistake'),
        ]
        public ?string $undoes,
        #[OA\Property(description: 'Seconds since it was pressed, where the network was away')] public float $ago_s,
        #[OA\Property(nullable: true, description: '°C that the press showed then')] public ?float $press_c,
        #[OA\Property(nullable: true, description: '°C that the probe showed then')] public ?float $probe_c,
    ) {}

    public static function fromRecord(Record $record): self
    {
        try {
            $marks = array_map(Mark::fromRecord(...), $record->has('defects') ? $record->records('defects') : []);
        } catch (BadRecord $e) {
            throw InvalidInput::field('defects', $e->getMessage());
        }

        return new self(
            $record->id('id'),
            $record->integer('position'),
            $record->enum('type', EventType::class),
            $record->has('outcome') ? $record->enum('outcome', Outcome::class) : null,
            $record->has('piece') ? $record->integer('piece') : null,
            $marks,
            JobFile::note($record->stringOrNull('note') ?? ''),
            self::photo($record, 'photo'),
            self::photo($record, 'photo_before'),
            $record->numberOrNull('seconds') ?? 0.0,
            $record->has('ready') && $record->boolean('ready'),
            $record->has('reason') ? $record->name('reason', self::LONGEST_REASON) : '',
            $record->has('undoes') ? $record->id('undoes') : null,
            max(0.0, min(self::LONGEST_WAIT_S, $record->numberOrNull('ago_s') ?? 0.0)),
            $record->numberOrNull('press_c'),
            $record->numberOrNull('probe_c'),
        );
    }

    /** @throws Refusal naming the field that its type wants */
    public function event(\DateTimeImmutable $at): Event
    {
        return match ($this->type) {
            EventType::Peeked => Event::peeked($this->position, $at, $this->ready, $this->defects, $this->id),
            EventType::Again => $this->seconds > 0.0 && $this->seconds <= Event::MOST_AGAIN_S
                ? Event::again($this->position, $at, $this->seconds, $this->id)
                : throw InvalidInput::field('seconds', sprintf('From 1 s to %d s more.', Event::MOST_AGAIN_S)),
            EventType::Skipped => '' === $this->reason
                ? throw InvalidInput::field('reason', 'Say why you leave it out.')
                : Event::skipped($this->position, $at, $this->reason, $this->id),
            EventType::Judged => Event::judged(
                $this->position,
                $at,
                $this->outcome ?? throw InvalidInput::field('outcome', 'Say how it came out.'),
                $this->defects,
                $this->id,
                $this->piece,
            ),
            EventType::Undone => Event::undone(
                $this->position,
                $at,
                $this->undoes ?? throw InvalidInput::field('undoes', 'Say which entry was a mistake.'),
                $this->id,
            ),
            EventType::Checked,
            EventType::Started,
            EventType::Paused,
            EventType::Resumed,
            EventType::Done
                => Event::plain($this->type, $this->position, $at, $this->id),
        };
    }

    private static function photo(Record $record, string $field): ?string
    {
        $photo = $record->stringOrNull($field);
        if (null !== $photo && 1 !== preg_match('/^[0-9a-f]{64}$/', $photo)) {
            throw InvalidInput::field($field, 'This photo is not in the store. Upload it first.');
        }

        return $photo;
    }
}
