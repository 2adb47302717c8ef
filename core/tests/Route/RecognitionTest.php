<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Route;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Tests\Orchard;

/** Which sheet it is, by what is seen and felt. Common practice, no source. */
final class RecognitionTest extends TestCase
{
    /** Iron-on film has lines on its back, and a clear skin. */
    public function testFilmIsKnownByItsBackAndItsSkin(): void
    {
        self::assertSame(['film-clear'], self::fit(['back' => 'lines', 'peels' => 'clear', 'feel' => 'paper']));
        self::assertSame(['film-opaque'], self::fit(['peels' => 'white']));
        self::assertSame(['napkin'], self::fit(['peels' => 'plies']));
        self::assertSame(['tissue'], self::fit(['feel' => 'soft', 'peels' => 'no']));
        self::assertSame(['liner'], self::fit(['back' => 'labels']));
    }

    /** What fits nothing is no sheet that Wubbin knows, and that is an answer too. */
    public function testWhatFitsNothingIsUnknown(): void
    {
        self::assertSame([], self::fit(['light' => 'clear', 'peels' => 'white']));
        self::assertNull(Orchard::catalogue()->recognition->next(['light' => 'clear', 'peels' => 'white']));
    }

    /** Asked as it asks itself, each sheet is among those that are left, and five questions are the most. */
    public function testWhoeverAnswersTrulyIsLedToTheSheet(): void
    {
        $recognition = Orchard::catalogue()->recognition;
        self::assertCount(5, $recognition->questions);
        $named = 0;
        foreach (array_column($recognition->fitting([]), 'owned') as $sheet) {
            $answers = [];
            while (null !== ($question = $recognition->next($answers))) {
                $true = array_values(
                    array_filter(
                        array_keys($recognition->questions[$question]['answers']),
                        static fn(string $answer): bool => in_array(
                            $sheet,
                            self::fit([...$answers, $question => $answer]),
                            true,
                        ),
                    ),
                );
                self::assertNotSame([], $true, 'it fits one answer of each question');
                $answers[$question] = $true[0];
            }
            self::assertContains($sheet, self::fit($answers));
            $named += [$sheet] === self::fit($answers) ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(7, $named, 'most are named; the others have a test');
    }

    public function testAQuestionThatNobodyCanAnswerIsPassed(): void
    {
        $recognition = Orchard::catalogue()->recognition;
        $first = $recognition->next([]);
        self::assertNotNull($first);
        self::assertNotSame($first, $recognition->next([], [$first]));
        self::assertNull($recognition->next([], array_keys($recognition->questions)));
    }

    public function testAnAnswerThatIsNotOfferedIsRefused(): void
    {
        $this->expectException(BadRecord::class);
        self::fit(['back' => 'purple']);
    }

    /**
     * @param array<string, string> $answers
     *
     * @return list<string>
     */
    private static function fit(array $answers): array
    {
        return array_column(Orchard::catalogue()->recognition->fitting($answers), 'owned');
    }
}
