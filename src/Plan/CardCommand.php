<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidOptionException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Measure\Units;
use Wubbin\Job\JobFileInput;
use Wubbin\Pdf\PaperPress;
use Wubbin\Pdf\WholeFile;

#[AsCommand('card', 'Write the bench card of a job file as PDF, or the cards for whoever gets a piece')]
final class CardCommand extends Command
{
    public function __construct(
        private readonly JobFileInput $input,
        private readonly BenchCard $bench,
        private readonly CareCard $care,
        private readonly PaperPress $press,
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
            )
            ->addOption(
                'care',
                null,
                InputOption::VALUE_NONE,
                'How a finished piece is looked after, four cards a page',
            )
            ->addOption('us', null, InputOption::VALUE_NONE, 'Inches and °F, on Letter');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{job: string} $arguments */
        $arguments = $input->getArguments();
        /** @var array{shelf: ?string, out: ?string, care: bool, us: bool} $options */
        $options = $input->getOptions();
        $out = $options['out'] ?? throw new InvalidOptionException('Say where the PDF goes: --out card.pdf');
        [$plan] = $this->input->plan($arguments['job'], $options['shelf']);
        $format = new UnitFormat($options['us'] ? Units::Us : Units::Metric);
        $paper = $options['us'] ? PaperSize::Letter : PaperSize::A4;
        WholeFile::write(
            $out,
            $this->press->press(
                $options['care'] ? $this->care->of($plan, $format, $paper) : $this->bench->of($plan, $format, $paper),
            ),
        );

        return Command::SUCCESS;
    }
}
