<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Shirt;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Finish;

/**
 * Changes to a job as a person makes them: field by field, each as it was typed.
 *
 * Either all changes hold or none does; every field that is wrong is named.
 */
final class JobEdit
{
    private string $name;
    private string $quantity;
    private string $due;
    private string $note;
    private string $size;
    private string $material;
    private string $colour;
    private string $condition;
    private string $finish;
    private SizedBy $by;
    private Length $side;
    private Length $right;
    private Length $below;
    private ?string $artwork;
    private ?string $artworkName;
    /** @var array<string, ?string> */
    private array $choices;
    /** @var list<Override> */
    private array $overrides;

    private function __construct(private readonly Job $job, private readonly QuantityParser $parser)
    {
        $this->name = $job->name;
        $this->quantity = (string) $job->quantity;
        $this->due = $job->due ?? '';
        $this->note = $job->note;
        $this->size = $job->shirt->sizeId;
        $this->material = $job->shirt->materialId;
        $this->colour = $job->shirt->colour->toHex();
        $this->condition = $job->shirt->condition->value;
        $this->finish = $job->finish->value;
        $this->by = $job->placement->by;
        $this->side = Length::mm($job->placement->sideMm);
        $this->right = Length::mm($job->placement->rightMm);
        $this->below = Length::mm($job->placement->belowMm);
        $this->artwork = $job->artwork;
        $this->artworkName = $job->artworkName;
        $this->choices = $job->choices->toRecord();
        $this->overrides = $job->overrides;
    }

    /**
     * @param array<string, string> $changes what was typed, by field
     * @param Picture|null          $picture the picture named by an `artwork` change
     *
     * @throws RefusedEdit naming every field that is wrong
     */
    public static function apply(Job $job, array $changes, QuantityParser $parser, ?Picture $picture = null): Job
    {
        $edit = new self($job, $parser);
        $problems = [];
        foreach ($changes as $field => $typed) {
            try {
                $edit->change($field, trim($typed), $picture);
            } catch (UnreadableQuantity|BadRecord $e) {
                $problems[$field] = $e->getMessage();
            }
        }
        if ([] !== $problems) {
            throw new RefusedEdit($problems);
        }

        return $edit->result();
    }

    private function change(string $field, string $typed, ?Picture $picture): void
    {
        match ($field) {
            'name' => $this->name = JobFile::name($typed),
            'quantity' => $this->quantity = (string) self::wholeNumber($typed),
            'due' => $this->due = JobFile::due('' === $typed ? null : $typed) ?? '',
            'note' => $this->note = JobFile::note($typed),
            'size' => $this->size = $typed,
            'material' => $this->material = $typed,
            'colour' => $this->colour = Colour::hex($typed)->toHex(),
            'condition' => $this->condition = self::oneOf(Condition::class, $typed),
            'finish' => $this->finish = self::oneOf(Finish::class, $typed),
            'width', 'height' => $this->resize(SizedBy::from($field), $this->parser->length($typed)),
            'right' => $this->right = $this->placed($this->parser->length($typed)),
            'below' => $this->below = $this->placed($this->parser->length($typed)),
            'artwork' => $this->usePicture($typed, $picture),
            'medium', 'marking', 'iron', 'base', 'guard', 'drying' => $this->choices[$field] = '' === $typed ? null : $typed,
            default => str_starts_with($field, 'override.')
                ? $this->override(substr($field, 9), $typed)
                : throw BadRecord::at($field, 'A job has no such field.'),
        };
    }

    private function resize(SizedBy $by, Length $side): void
    {
        Placement::of($by, $side, $this->right, $this->below);
        $this->by = $by;
        $this->side = $side;
    }

    private function placed(Length $offset): Length
    {
        Placement::of($this->by, $this->side, $offset, $offset);

        return $offset;
    }

    private function usePicture(string $sha256, ?Picture $picture): void
    {
        if ('' === $sha256) {
            $this->artwork = $this->artworkName = null;

            return;
        }
        if ($picture?->sha256 !== $sha256) {
            throw BadRecord::at('artwork', 'This picture is not in the store. Upload it first.');
        }
        $this->artwork = $picture->sha256;
        $this->artworkName = $picture->name;
    }

    private function override(string $check, string $reason): void
    {
        $this->overrides = array_values(array_filter($this->overrides, static fn (Override $o): bool => $o->check !== $check));
        if ('' !== $reason) {
            $this->overrides[] = new Override($check, mb_substr($reason, 0, 500));
        }
    }

    private function result(): Job
    {
        return new Job(
            $this->job->id,
            $this->name,
            self::wholeNumber($this->quantity),
            '' === $this->due ? null : $this->due,
            new Shirt($this->size, $this->material, Colour::hex($this->colour), Condition::from($this->condition)),
            $this->artwork,
            $this->artworkName,
            Placement::of($this->by, $this->side, $this->right, $this->below),
            $this->job->routeId,
            Finish::from($this->finish),
            new Choices(...$this->choices),
            $this->overrides,
            $this->note,
        );
    }

    /** @return int<1, 10000> */
    private static function wholeNumber(string $typed): int
    {
        return JobFile::quantity(1 === preg_match('/^\d{1,9}$/', $typed) ? (int) $typed : 0);
    }

    /** @param class-string<\BackedEnum> $enum */
    private static function oneOf(string $enum, string $typed): string
    {
        if (null === $enum::tryFrom($typed)) {
            throw BadRecord::at('', 'Choose one of those offered.');
        }

        return $typed;
    }
}
