<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidOptionException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Stage;
use Wubbin\Job\JobFileInput;
use Wubbin\Refusal\InvalidInput;

#[AsCommand('sheet', 'Write the sheet of a job file as PDF at true size')]
final class SheetCommand extends Command
{
    public function __construct(
        private readonly JobFileInput $input,
        private readonly SheetPdf $pdf,
        private readonly SheetMaker $maker,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('job', InputArgument::OPTIONAL, 'The job file. - reads standard input', '-')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Where the PDF goes')
            ->addOption(
                'shelf',
                null,
                InputOption::VALUE_REQUIRED,
                'A shelf file. Without one, the shelf has one of everything',
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{job: string} $arguments */
        $arguments = $input->getArguments();
        /** @var array{shelf: ?string, out: ?string} $options */
        $options = $input->getOptions();
        $out = $options['out'] ?? throw new InvalidOptionException('Say where the PDF goes: --out sheet.pdf');
        [$plan, $artworks] = $this->input->plan($arguments['job'], $options['shelf']);
        if (!$plan->printable()) {
            throw InvalidInput::fields(self::against($plan));
        }
        $this->pdf->write($plan, $artworks, $this->maker->inTurn($plan, null), $out);

        return Command::SUCCESS;
    }

    /** @return non-empty-array<string, string> what stands against printing, by the ticket's line */
    private static function against(Plan $plan): array
    {
        $format = new UnitFormat();
        $against = [];
        foreach ($plan->checks() as $check) {
            if (Stage::Print === $check->stage && $check->blocks()) {
                $against[$check->field] =
                    $format->phrase($check->message) .
                    (null === $check->mend ? '' : ' ' . $format->phrase($check->mend));
            }
        }

        return [] === $against ? ['picture' => 'The picture cannot be printed.'] : $against;
    }
}
