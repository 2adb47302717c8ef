<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Cost\CostSheet;
use Wubbin\Core\Cost\Quote;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\JsonBody;
use Wubbin\Http\PdfAnswer;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\NotFound;
use Wubbin\Storage\Removed;
use Wubbin\Storage\RemovedKind;
use Wubbin\Storage\WriteTurn;

/** Quotes: reckoned as often as one likes, and kept as they were given. */
#[AsController]
final readonly class QuoteController
{
    private const MOST_LISTED = 100;

    public function __construct(
        private CostEstimator $costs,
        private JobPlanner $jobs,
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private SettingsStore $settings,
        private ClockInterface $clock,
        private Removed $removed,
        private ShopPapers $papers,
    ) {}

    #[Route('/api/quotes/reckoned', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/quotes/reckoned',
            operationId: 'reckonQuote',
            requestBody: new Body(QuoteWish::class),
            responses: [new Answer(200, 'What it would say', QuoteView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function reckon(Request $request): JsonResponse
    {
        return new JsonResponse($this->view(JsonBody::fromRequest($request)));
    }

    /** The page names the quote, so that a second click finds the first one's. */
    #[Route('/api/quotes', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/quotes',
            operationId: 'keepQuote',
            parameters: [
                new OA\QueryParameter(
                    name: 'id',
                    description: 'A new UUID',
                    required: true,
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            requestBody: new Body(QuoteWish::class),
            responses: [new Answer(201, 'As it is given', QuoteView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function keep(Request $request): JsonResponse
    {
        $id = Record::of(['id' => $request->query->getString('id')])->id('id');
        $view = $this->view(JsonBody::fromRequest($request));
        $stored = $this->turn->take(function () use ($id, $view): StoredQuote {
            $known = $this->entities->find(StoredQuote::class, $id);
            if (null !== $known) {
                return $known;
            }
            /** @var int|null $last */
            $last = $this->entities
                ->createQuery('SELECT MAX(q.number) FROM ' . StoredQuote::class . ' q')
                ->getSingleScalarResult();
            $numbered = $view->numbered(($last ?? 0) + 1);
            /** @var array<string, mixed> $document */
            $document = json_decode(json_encode($numbered, \JSON_THROW_ON_ERROR), true, 32, \JSON_THROW_ON_ERROR);
            $stored = new StoredQuote($id, ($last ?? 0) + 1, $view->for, $document, $this->clock->now());
            $this->entities->persist($stored);

            return $stored;
        });

        return new JsonResponse($stored->document, 201);
    }

    #[Route('/api/quotes', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/quotes',
            operationId: 'listQuotes',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The latest, at most a hundred',
                    content: new OA\JsonContent(
                        type: 'array',
                        items: new OA\Items(
                            required: [
                                'id',
                                'number',
                                'for',
                                'created',
                                'valid',
                                'over',
                                'gross',
                                'currency',
                                'digits',
                            ],
                            properties: [
                                new OA\Property(property: 'id', type: 'string'),
                                new OA\Property(property: 'number', type: 'integer'),
                                new OA\Property(property: 'for', type: 'string'),
                                new OA\Property(property: 'created', type: 'string'),
                                new OA\Property(property: 'valid', type: 'string'),
                                new OA\Property(property: 'over', type: 'boolean', description: 'It stands no more'),
                                new OA\Property(property: 'gross', type: 'integer'),
                                new OA\Property(property: 'currency', type: 'string'),
                                new OA\Property(property: 'digits', type: 'integer'),
                            ],
                            type: 'object',
                        ),
                    ),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        $today = $this->today();

        return new JsonResponse(
            array_map(
                static fn(StoredQuote $one): array => ['id' => $one->id, 'over' => $one->document['valid'] < $today] +
                    array_intersect_key(
                        $one->document,
                        array_flip(['number', 'for', 'created', 'valid', 'gross', 'currency', 'digits']),
                    ),
                $this->listed(),
            ),
        );
    }

    #[Route('/api/quotes/{id}.pdf', methods: ['GET'])]
    public function pdf(string $id): Response
    {
        $quote = $this->entities->find(StoredQuote::class, $id) ?? throw new NotFound('There is no such quote.');
        $record = Record::of($quote->document);

        return PdfAnswer::of(
            $this->papers->press(
                (new QuotePaper($record, Currency::of($record->string('currency')), $this->papers->size()))->paper(),
            ),
            sprintf('quote-%d', $quote->number),
        );
    }

    private function today(): string
    {
        return $this->clock->now()->setTimezone(new \DateTimeZone($this->settings->get()->zone))->format('Y-m-d');
    }

    private function view(Record $body): QuoteView
    {
        $today = $this->today();
        $currency = $this->costs->currency();
        $wish = QuoteWish::fromRecord($body, $currency, $today);
        $items = $unknown = [];
        foreach ($wish->jobs as $id) {
            $job = $this->jobs->find($id)->job();
            $plan = $this->jobs->plan($job);
            $sheets = array_map(fn(int $pieces): CostSheet => $this->costs->sheet($job, $plan, $pieces), [
                $job->quantity,
                ...$wish->breaks,
            ]);
            $items[] = [$job->name, $sheets[0], array_slice($sheets, 1)];
            foreach ($sheets[0]->lines as $line) {
                $unknown = null === $line->exact ? [...$unknown, $line->label] : $unknown;
            }
        }

        return QuoteView::fromQuote(
            Quote::fromItems($items, $wish->price, $wish->setUp, $wish->tax),
            $wish,
            $today,
            $currency,
            array_values(array_unique($unknown)),
        );
    }

    /** @return list<StoredQuote> the newest first */
    private function listed(): array
    {
        $removed = $this->removed->ids(RemovedKind::Quote);
        $quotes = $this->entities
            ->getRepository(StoredQuote::class)
            ->findBy([], ['number' => 'DESC'], self::MOST_LISTED + count($removed));

        return array_values(array_filter($quotes, static fn(StoredQuote $quote): bool => !isset($removed[$quote->id])));
    }
}
