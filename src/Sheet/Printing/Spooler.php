<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\PrinterOffer;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Cancelled;
use Wubbin\Task\Progress;

/** A printer of the system's, by its spooler: it is told what paper it prints on, and asked not to scale. */
final readonly class Spooler implements PrintDevice
{
    private const SECONDS = 30;

    /** So long a printer may take for one job, in s; a person who has to fetch paper in between too. */
    private const PATIENCE_S = 900;

    /** States of a job: RFC 8011, 5.3.7. */
    private const CANCELED = 7;
    private const ABORTED = 8;
    private const COMPLETED = 9;

    /** Reasons why a job that stands still never goes on: 5.3.8 there. */
    private const FAILED = ['job-completed-with-errors', 'aborted-by-system', 'document-format-error'];

    public function __construct(private string $destination) {}

    /** @return list<string> printers that the system knows; none where there is no spooler */
    public static function destinations(): array
    {
        if (null === (new ExecutableFinder())->find('lp') || null === (new ExecutableFinder())->find('lpstat')) {
            return [];
        }
        $process = new Process(['lpstat', '-e'], timeout: self::SECONDS);
        $process->run();

        return array_values(
            array_filter(
                array_map(trim(...), explode("\n", $process->getOutput())),
                static fn(string $line): bool => 1 === preg_match('/^[\w.-]{1,127}$/', $line),
            ),
        );
    }

    public function id(): string
    {
        return 'lp:' . $this->destination;
    }

    public function label(): string
    {
        return $this->destination . ' (system printer)';
    }

    public function isReal(): bool
    {
        return true;
    }

    public function offer(): ?PrinterOffer
    {
        $told = Ipp::printer($this->destination);

        return null === $told
            ? null
            : new PrinterOffer(
                $told['media-supported'] ?? [],
                $told['media-type-supported'] ?? [],
                $told['media-source-supported'] ?? [],
                array_map(intval(...), $told['print-quality-supported'] ?? []),
            );
    }

    public function print(PrintOrder $order, Progress $progress): array
    {
        if (!$order->printout->comesOut()) {
            throw InvalidInput::field(
                'device',
                $order->printout->faults[0]->message() . ' ' . $order->printout->faults[0]->mend(),
            );
        }
        $progress->at(0.1, 'Asking the printer');
        $offer = $this->offer();
        $paper = $order->widthMm > 0.0 ? Size::mm($order->widthMm, $order->heightMm) : null;
        $lacks =
            null === $offer || null === $paper
                ? []
                : $offer->lacks($paper, $order->setting->type, $order->setting->source, $order->setting->quality);
        if ([] !== $lacks) {
            throw InvalidInput::field('device', implode(' ', $lacks) . ' Choose another one for these sheets.');
        }
        $progress->at(0.2, 'Sending it to the printer');
        $number = $this->sent($order, $paper);
        if (null !== $number) {
            $this->follow($number, $progress);
        }

        return array_map(
            static fn(int $page): PrintedPage => new PrintedPage($page, $order->labels[$page] ?? '', null),
            $order->pages,
        );
    }

    /**
     * @return int|null number of the job in the spooler, where it says one
     *
     * @throws Refusal where the spooler does not take it
     */
    private function sent(PrintOrder $order, ?Size $paper): ?int
    {
        $process = new Process(
            [
                'lp',
                '-d',
                $this->destination,
                '-t',
                mb_substr($order->title, 0, 100),
                '-P',
                implode(',', $order->pages),
                ...self::options($order->setting, $paper),
                '--',
                $order->pdf,
            ],
            timeout: self::SECONDS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw InvalidInput::field('device', 'The print system of this machine does not answer.');
        }
        if (!$process->isSuccessful()) {
            throw InvalidInput::field(
                'device',
                'The print system of this machine refused it: ' . mb_substr(trim($process->getErrorOutput()), 0, 200),
            );
        }

        return 1 === preg_match('/ \S+-(\d+) /', $process->getOutput(), $found) ? (int) $found[1] : null;
    }

    /**
     * What the printer is told, so that nobody has to: the paper by its size, kind and tray, the quality, one side, and
     * no scaling. In the words of IPP (PWG 5100.7), which the spooler translates for printers that speak otherwise.
     *
     * @return list<string>
     */
    public static function options(PrintSetting $setting, ?Size $paper): array
    {
        $media = array_filter([
            null === $paper
                ? null
                : sprintf(
                    'media-size={x-dimension=%d y-dimension=%d}',
                    (int) round(100.0 * $paper->widthMm),
                    (int) round(100.0 * $paper->heightMm),
                ),
            null === $setting->type ? null : 'media-type=' . $setting->type,
            null === $setting->source ? null : 'media-source=' . $setting->source,
        ]);
        $options = ['print-scaling=none', 'sides=one-sided'];
        if ([] !== $media) {
            $options[] = 'media-col={' . implode(' ', $media) . '}';
        }
        if (null !== $setting->quality) {
            $options[] = 'print-quality=' . $setting->quality;
        }

        return array_merge(...array_map(static fn(string $option): array => ['-o', $option], $options));
    }

    /**
     * Waits until the job is over, and says what the printer wants meanwhile. Whoever gives up takes it back.
     *
     * @throws Refusal where the printer gives it up
     * @throws Cancelled
     */
    private function follow(int $number, Progress $progress): void
    {
        try {
            for ($waited = 0; $waited < self::PATIENCE_S; ++$waited) {
                $job = Ipp::job($number);
                if (null === $job) {
                    // Nobody tells more of it: it is with the spooler.
                    return;
                }
                $state = (int) ($job['job-state'][0] ?? self::COMPLETED);
                if ($state >= self::COMPLETED) {
                    return;
                }
                $failed = [] !== array_intersect($job['job-state-reasons'] ?? [], self::FAILED);
                if (self::CANCELED === $state || self::ABORTED === $state || $failed) {
                    $this->takeBack($number);
                    throw InvalidInput::field(
                        'device',
                        trim('The printer gave it up. ' . ($job['job-printer-state-message'][0] ?? '')),
                    );
                }
                $progress->at(
                    0.5,
                    self::trouble([
                        ...$job['job-printer-state-reasons'] ?? [],
                        ...$job['job-printer-state-message'] ?? [],
                    ]) ?? 'The printer is at it',
                );
                sleep(1);
            }
        } catch (Cancelled $cancelled) {
            $this->takeBack($number);
            throw $cancelled;
        }
        $this->takeBack($number);
        throw InvalidInput::field(
            'device',
            'The printer did not finish in time, and the sheets were taken back. See what it shows, then print again.',
        );
    }

    private function takeBack(int $number): void
    {
        (new Process(['cancel', $this->destination . '-' . $number], timeout: self::SECONDS))->run();
    }

    /**
     * What keeps a printer from printing, in words; RFC 8011, 5.4.12 names the reasons.
     *
     * @param list<string> $reasons and what the spooler says of it
     */
    public static function trouble(array $reasons): ?string
    {
        foreach (
            [
                'media-empty' => 'The printer has no paper. Load some, and it goes on',
                'media-needed' => 'The printer wants paper. Load it, and it goes on',
                'media-jam' => 'Paper is stuck in the printer',
                'door-open' => 'A door of the printer is open',
                'cover-open' => 'A cover of the printer is open',
                'marker-supply-empty' => 'The ink is used up',
                'toner-empty' => 'The toner is used up',
                'offline' => 'The printer does not answer. Is it switched on?',
                // As the spooler says it where the printer itself says nothing.
                'The printer may not exist' => 'The printer does not answer. Is it switched on?',
                'The printer is not responding' => 'The printer does not answer. Is it switched on?',
                'connecting-to-device' => 'Looking for the printer. Is it switched on?',
                'paused' => 'The printer is paused',
            ]
            as $reason => $words
        ) {
            foreach ($reasons as $told) {
                if (str_starts_with($told, $reason)) {
                    return $words;
                }
            }
        }

        return null;
    }
}
