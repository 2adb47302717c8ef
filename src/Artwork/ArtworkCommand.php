<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\Ground;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Artwork\UpsideDown;
use Wubbin\Refusal\InvalidInput;

#[AsCommand('artwork', 'Examine a picture and print what was found')]
final class ArtworkCommand extends Command
{
    public function __construct(private readonly ArtworkStore $store)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('picture', InputArgument::REQUIRED, 'A PNG, JPEG, WebP, HEIC, SVG or PDF file')->addOption(
            'json',
            null,
            InputOption::VALUE_NONE,
            'JSON instead of words',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{picture: string} $arguments */
        $arguments = $input->getArguments();
        $path = $arguments['picture'];
        if (!is_file($path)) {
            throw InvalidInput::field('picture', 'There is no file ' . $path . '.');
        }
        $picture = $this->store->read($path, basename($path))->picture();
        $traits = $picture->traits ?? throw new \LogicException('What was just read was examined.');
        if (true === $input->getOption('json')) {
            $output->writeln(
                json_encode(
                    $picture->toRecord(),
                    \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::SUCCESS;
        }
        $rows = self::rows($picture, $traits);
        foreach ($rows as $what => $found) {
            $output->writeln(sprintf('%-13s%s', $what, $found), OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }

    /** @return array<string, string> */
    private static function rows(Picture $picture, Traits $traits): array
    {
        $finest = $traits->strokes->finest();
        $colours = array_values(
            array_filter($traits->palette->colours, static fn(array $one): bool => $one[1] >= 0.01),
        );

        return [
            'picture' => sprintf(
                '%s, %s, %g × %g',
                $picture->name,
                $picture->kind->value,
                $picture->width,
                $picture->height,
            ),
            'kind' => $traits->photograph ? 'a photograph' : 'a drawing',
            'background' => match ($traits->surroundings->ground) {
                Ground::Clear => 'clear',
                Ground::None => 'none',
                Ground::Checkered => 'painted squares',
                default => sprintf(
                    '%s, %d %% of it%s',
                    ColourWord::of($traits->surroundings->colours[0]),
                    round(100.0 * $traits->surroundings->share),
                    Ground::Unsure === $traits->surroundings->ground ? ', or part of the picture' : '',
                ),
            },
            'colours' => implode(
                ', ',
                array_map(
                    static fn(string $word, array $one): string => sprintf('%s %d %%', $word, round(100.0 * $one[1])),
                    ColourWord::each(array_column($colours, 0)),
                    $colours,
                ),
            ),
            'contrast' => sprintf('%.1f to 1', $traits->palette->contrast()),
            'finest line' =>
                null === $finest ? 'not a drawing of lines' : sprintf('%.2f %% of its width', 100.0 * $finest),
            'upside down' => $traits->upsideDown >= UpsideDown::ALIKE ? 'looks nearly the same' : 'looks different',
        ];
    }
}
