<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Task\Progress;

/** A printer of the system's, by its spooler command: it is given the file and asked not to scale it. */
final readonly class Spooler implements PrintDevice
{
    private const SECONDS = 30;

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

    public function print(PrintOrder $order, Progress $progress): array
    {
        if (!$order->printout->comesOut()) {
            throw InvalidInput::field(
                'device',
                $order->printout->faults[0]->message() . ' ' . $order->printout->faults[0]->mend(),
            );
        }
        $progress->at(0.2, 'Sending it to the printer');
        $process = new Process(
            [
                'lp',
                '-d',
                $this->destination,
                '-t',
                mb_substr($order->title, 0, 100),
                '-P',
                implode(',', $order->pages),
                '-o',
                'print-scaling=none',
                '-o',
                'sides=one-sided',
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

        return array_map(
            static fn(int $page): PrintedPage => new PrintedPage($page, $order->labels[$page] ?? '', null),
            $order->pages,
        );
    }
}
