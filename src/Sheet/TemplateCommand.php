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
use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Sheet\WrapTemplate;
use Wubbin\Job\JobFileInput;
use Wubbin\Refusal\InvalidInput;

#[AsCommand('template', 'Write the paper template of a round blank as PDF at true size')]
final class TemplateCommand extends Command
{
    public function __construct(private readonly JobFileInput $input, private readonly TemplatePdf $pdf)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('job', InputArgument::OPTIONAL, 'The job file. - reads standard input', '-')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Where the PDF goes')
            ->addOption('paper', null, InputOption::VALUE_REQUIRED, 'a4 or letter', 'a4')
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
        /** @var array{shelf: ?string, out: ?string, paper: string} $options */
        $options = $input->getOptions();
        $out = $options['out'] ?? throw new InvalidOptionException('Say where the PDF goes: --out template.pdf');
        $paper = PaperSize::tryFrom($options['paper']) ?? throw new InvalidOptionException('Paper is a4 or letter.');
        [$plan] = $this->input->plan($arguments['job'], $options['shelf']);
        $size = $plan->transfers[0]->placing->size;
        try {
            $template = WrapTemplate::forSize($size, $paper->size());
        } catch (BadRecord $e) {
            throw InvalidInput::field('blank', $e->getMessage());
        }
        (new Filesystem())->dumpFile($out, $this->pdf->draw($template, $plan->jobName . ' · ' . $size->label));

        return Command::SUCCESS;
    }
}
