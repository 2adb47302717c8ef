<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * Which sheet this is, by what can be seen and felt: five questions, and for each sheet the answers that fit it.
 *
 * @phpstan-type Sheet array{owned: string, fits: array<string, list<string>>, test: string}
 */
final readonly class Recognition
{
    /**
     * @param array<string, array{text: string, answers: array<string, string>}> $questions by id
     * @param list<Sheet> $sheets
     */
    private function __construct(public array $questions, private array $sheets) {}

    /** @throws BadRecord where a sheet names an answer that no question has */
    public static function fromRecord(Record $record): self
    {
        $questions = [];
        foreach ($record->records('questions') as $question) {
            $questions[$question->string('id')] = [
                'text' => $question->string('text'),
                'answers' => $question->record('answers')->stringMap(),
            ];
        }
        $sheets = [];
        foreach ($record->records('sheets') as $sheet) {
            $fits = $sheet->record('fits')->stringLists();
            foreach ($fits as $question => $answers) {
                foreach ($answers as $answer) {
                    if (!isset($questions[$question]['answers'][$answer])) {
                        throw BadRecord::at($sheet->string('owned'), 'There is no answer ' . $answer . '.');
                    }
                }
            }
            $sheets[] = ['owned' => $sheet->string('owned'), 'fits' => $fits, 'test' => $sheet->string('test')];
        }

        return new self($questions, $sheets);
    }

    /**
     * The sheets that all of these answers fit, each with the test that settles it: one is known; of several the next
     * question, or else the test, tells; none is one that Wubbin does not know.
     *
     * @param array<string, string> $answers by question; a question that nobody could answer is not there
     *
     * @return list<array{owned: string, test: string}>
     *
     * @throws BadRecord for an answer that is not offered
     */
    public function fitting(array $answers): array
    {
        foreach ($answers as $question => $answer) {
            if (!isset($this->questions[$question]['answers'][$answer])) {
                throw BadRecord::at($question, 'Choose one of the answers.');
            }
        }
        $fitting = [];
        foreach ($this->sheets as $sheet) {
            foreach ($answers as $question => $answer) {
                if (!in_array($answer, $sheet['fits'][$question] ?? [$answer], true)) {
                    continue 2;
                }
            }
            $fitting[] = ['owned' => $sheet['owned'], 'test' => $sheet['test']];
        }

        return $fitting;
    }

    /**
     * The open question that leaves fewest of what still fits; null where one sheet is left, or none, or no question
     * tells them apart any more.
     *
     * @param array<string, string> $answers
     * @param list<string> $passed questions that nobody could answer
     */
    public function next(array $answers, array $passed = []): ?string
    {
        $left = array_column($this->fitting($answers), 'owned');
        if (count($left) < 2) {
            return null;
        }
        $best = null;
        $least = \INF;
        foreach ($this->questions as $id => $question) {
            if (isset($answers[$id]) || in_array($id, $passed, true)) {
                continue;
            }
            $sizes = array_map(
                fn(string $answer): int => count($this->fitting([...$answers, $id => $answer])),
                array_keys($question['answers']),
            );
            // How many are left on the average, where each sheet is as likely as another.
            $mean = array_sum(array_map(static fn(int $n): int => $n * $n, $sizes)) / max(1, array_sum($sizes));
            if (min([...$sizes, count($left)]) < count($left) && $mean < $least) {
                [$best, $least] = [$id, $mean];
            }
        }

        return $best;
    }
}
