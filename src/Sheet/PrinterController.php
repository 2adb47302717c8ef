<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Printer;
use Wubbin\Core\Sheet\FeedTest;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Shelf\ShelfStore;

/** Printers of the shelf: their trays, what a feed test showed of them, and where they mirror. */
#[AsController]
final readonly class PrinterController
{
    public function __construct(
        private ShelfStore $shelf,
        private SettingsStore $settings,
        private FeedTestPdf $test,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/printers', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/printers',
            operationId: 'listPrinters',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Those on the shelf',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrinterView::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        return new JsonResponse(
            array_values(
                array_map(
                    static fn(Marking $marking): PrinterView => PrinterView::of($marking),
                    array_filter(
                        $this->shelf->get()->markings,
                        static fn(Marking $marking): bool => null !== $marking->printer,
                    ),
                ),
            ),
        );
    }

    /** Where it mirrors, its largest sheet and its trays; what a test showed of a tray that stays, stays too. */
    #[Route('/api/printers/{id}', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/printers/{id}',
            operationId: 'setUpPrinter',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['mirrors', 'largest', 'trays'],
                    properties: [
                        new OA\Property(property: 'mirrors', type: 'string', enum: ['file', 'driver']),
                        new OA\Property(property: 'largest', type: 'string'),
                        new OA\Property(
                            property: 'trays',
                            type: 'array',
                            items: new OA\Items(
                                required: ['id', 'label', 'straight'],
                                properties: [
                                    new OA\Property(property: 'id', type: 'string'),
                                    new OA\Property(property: 'label', type: 'string'),
                                    new OA\Property(property: 'straight', type: 'boolean'),
                                ],
                                type: 'object',
                            ),
                        ),
                    ],
                    type: 'object',
                ),
            ),
            responses: [new Answer(200, 'The printer', PrinterView::class), new Refused(422, 'One that cannot be')],
        ),
    ]
    public function setUp(string $id, Request $request): JsonResponse
    {
        $known = $this->printer($id)->printer ?? throw new \LogicException('A printer has trays.');
        try {
            $typed = JsonBody::fromRequest($request);
            $new = Printer::fromRecord($typed);
            foreach ($typed->records('trays') as $tray) {
                $tray->id('id');
                $tray->name('label');
            }
        } catch (BadRecord $e) {
            throw InvalidInput::field(
                str_starts_with($e->field, 'trays') ? 'trays' : $e->field,
                str_starts_with($e->field, 'trays.')
                    ? 'Give every tray a name of up to 120 characters.'
                    : $e->getMessage(),
            );
        }
        foreach ($new->trays as $tray) {
            $feed = $known->tray($tray->id)?->feed;
            $new = null === $feed ? $new : $new->tested($tray->id, $feed);
        }

        return new JsonResponse($this->keep($id, $new));
    }

    #[Route('/api/printers/{id}/trays/{tray}/test.pdf', methods: ['GET'])]
    public function test(string $id, string $tray): Response
    {
        $marking = $this->printer($id);
        $pdf = $this->test->draw(
            PaperSize::from($this->settings->get()->paper),
            $marking,
            $marking->printer?->tray($tray) ?? throw new NotFound('There is no such tray.'),
        );

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="feed-test.pdf"',
        ]);
    }

    /** What came out of a feed test. */
    #[Route('/api/printers/{id}/trays/{tray}/feed', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/printers/{id}/trays/{tray}/feed',
            operationId: 'tellFeed',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'tray', schema: new OA\Schema(type: 'string')),
            ],
            requestBody: new Body(FeedAnswers::class),
            responses: [new Answer(200, 'The printer', PrinterView::class)],
        ),
    ]
    public function tell(string $id, string $tray, Request $request): JsonResponse
    {
        $printer = $this->printer($id)->printer ?? throw new \LogicException('A printer has trays.');
        if (null === $printer->tray($tray)) {
            throw new NotFound('There is no such tray.');
        }
        $body = $this->bodies->read($request, FeedAnswers::class);
        $feed = FeedTest::read($body->on_pencil, $body->far, $body->left, $body->reads_right);

        return new JsonResponse($this->keep($id, $printer->tested($tray, $feed)));
    }

    private function keep(string $id, Printer $printer): PrinterView
    {
        $shelf = $this->shelf->change(static function (array $record) use ($id, $printer): array {
            /** @var array<string, mixed> $printers */
            $printers = $record['printers'] ?? [];

            return ['printers' => [$id => $printer->toRecord()] + $printers] + $record;
        });

        return PrinterView::of($shelf->markings[$id]);
    }

    private function printer(string $id): Marking
    {
        $marking = $this->shelf->get()->markings[$id] ?? null;

        return null === $marking?->printer ? throw new NotFound('There is no such printer on the shelf.') : $marking;
    }
}
