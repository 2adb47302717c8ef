<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Edit\BlankFields;
use Wubbin\Core\Job\Edit\ChoiceFields;
use Wubbin\Core\Job\Edit\Draft;
use Wubbin\Core\Job\Edit\JobFields;
use Wubbin\Core\Job\Edit\PictureFields;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;

/**
 * Changes to a job as a person makes them: field by field, each as it was typed. Fields of a picture on the piece go to
 * the transfer that is meant.
 *
 * Either all changes hold or none does; every field that is wrong is named. A change of the kind of blank, or of the
 * route, takes along what cannot stay: size, material, sides and places of the one, figures of the other.
 */
final readonly class JobEdit
{
    /** What takes other fields along comes first, in this order, so that the other changes are not undone by it. */
    private const FIRST = ['transfers', 'kind', 'size', 'route', 'artwork', 'ready'];

    /**
     * @param array<string, string> $changes what was typed, by field
     * @param array<string, Picture> $pictures those that the job has and the one that an `artwork` change names, by
     *                                         SHA-256
     * @param int $at the transfer that is meant, from 0
     * @param Offered|null $offered what may be chosen from the shelf; null where the shelf is not known
     *
     * @throws RefusedEdit naming every field that is wrong
     */
    public static function apply(
        Job $job,
        array $changes,
        QuantityParser $parser,
        Catalogue $catalogue,
        array $pictures = [],
        int $at = 0,
        ?Offered $offered = null,
    ): Job {
        if (!isset($job->transfers[$at])) {
            throw new RefusedEdit(['transfer' => 'There is no such picture on this piece.']);
        }
        $draft = new Draft($job, $at, $parser, $catalogue, $pictures, $offered);
        $first = array_intersect(self::FIRST, array_keys($changes));
        [$draft, $problems] = self::taken($draft, $changes, $first);
        if (isset($changes['kind']) && [] === $problems) {
            $draft = $draft->of(BlankFields::fitted($draft));
        }
        [$draft, $more] = self::taken($draft, $changes, array_diff(array_keys($changes), $first));

        return [] === $problems + $more ? $draft->job : throw new RefusedEdit($problems + $more);
    }

    /**
     * @param array<string, string> $changes
     * @param array<string> $fields those of them that are taken in now
     *
     * @return array{Draft, array<string, string>} what has become of it, and what is wrong, by field
     */
    private static function taken(Draft $draft, array $changes, array $fields): array
    {
        $problems = [];
        foreach ($fields as $field) {
            try {
                $draft = $draft->of(self::edited($draft, $field, trim($changes[$field])));
            } catch (UnreadableQuantity | BadRecord $e) {
                $problems[$field] = $e->getMessage();
            }
        }

        return [$draft, $problems];
    }

    /** @throws UnreadableQuantity|BadRecord */
    private static function edited(Draft $draft, string $field, string $typed): Job
    {
        $fields = JobFields::edits() + BlankFields::edits() + PictureFields::edits() + ChoiceFields::edits();
        if (isset($fields[$field])) {
            return $fields[$field]($draft, $typed);
        }
        [$family, $name] = explode('.', $field, 2) + [1 => ''];
        $named = ChoiceFields::named()[$family] ?? throw BadRecord::at($field, 'A job has no such field.');

        return $named($draft, $typed, $name);
    }
}
