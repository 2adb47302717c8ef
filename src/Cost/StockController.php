<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Day\Provision;
use Wubbin\Http\JsonBody;
use Wubbin\Http\PdfAnswer;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Upload;
use Wubbin\Job\JobPlanner;
use Wubbin\Pdf\Paper;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Stock\Inventory;
use Wubbin\Stock\StockCsv;
use Wubbin\Stock\StockMove;
use Wubbin\Stock\StockNames;

/** What there is, and what to buy. */
#[AsController]
final readonly class StockController
{
    public function __construct(
        private Inventory $stock,
        private StockCsv $csv,
        private Provision $provision,
        private CostEstimator $costs,
        private JobPlanner $jobs,
        private RequestBody $bodies,
        private ShopPapers $papers,
    ) {}

    #[Route('/api/stock', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/stock',
            operationId: 'getStock',
            responses: [new Answer(200, 'What there is, what is needed, what to buy', StockView::class)],
        ),
    ]
    public function get(): JsonResponse
    {
        return new JsonResponse($this->view());
    }

    /** What to buy, to go shopping with. */
    #[Route('/api/stock/buy.pdf', methods: ['GET'])]
    public function buy(): Response
    {
        $view = $this->view();
        $money = fn(?int $minor): string => null === $minor
            ? ''
            : Money::minor($minor, $this->costs->currency())->text();
        $rows = array_map(
            static fn(ItemToBuy $one): array => [
                $one->label,
                $one->kind,
                self::amount($one->needed, $one->unit),
                self::amount($one->there, $one->unit),
                self::amount($one->buy, $one->unit),
                $money($one->cost),
            ],
            $view->buy,
        );
        $paper = (new Paper('Buying list', $this->papers->size()))->add('<h1>Buying list</h1>');
        [] === $rows
            ? $paper->words('Nothing is missing for what is planned.')
            : $paper->table(
                ['What', 'Kind', 'Needed', 'In stock', 'Buy', $view->currency],
                [...$rows, ['*Together, as far as prices are known', '', '', '', '', $money($view->total)]],
                2,
                true,
            );

        return PdfAnswer::of($this->papers->press($paper), 'buying-list');
    }

    private static function amount(float $amount, string $unit): string
    {
        return rtrim(rtrim(number_format($amount, 2, '.', ''), '0'), '.') . ' ' . $unit;
    }

    private function view(): StockView
    {
        $needs = $this->provision->needs();
        $shelf = $this->jobs->shelf();
        $items = $this->stock->items();
        $ledgers = $this->stock->ledgers();

        return StockView::fromItems(
            $items,
            $ledgers,
            $needs,
            Provision::short($needs, $items, $ledgers),
            $this->names(),
            $shelf,
            $this->costs->currency(),
        );
    }

    #[Route('/api/stock', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/stock',
            operationId: 'moveStock',
            requestBody: new Body(StockMove::class),
            responses: [
                new Answer(200, 'As it is now', StockView::class),
                new Refused(422, 'A field is wrong, or there is not as much'),
            ],
        ),
    ]
    public function move(Request $request): JsonResponse
    {
        $this->stock->move(
            StockMove::fromRecord(JsonBody::fromRequest($request), $this->costs->currency()),
            $this->names(),
        );

        return $this->get();
    }

    #[Route('/api/stock/pack', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/stock/pack',
            operationId: 'packStock',
            requestBody: new Body(PackSize::class),
            responses: [new Answer(200, 'As it is now', StockView::class), new Refused(422, 'No pack')],
        ),
    ]
    public function pack(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, PackSize::class);
        $pack = PlainNumber::read($body->pack, Inventory::MOST_PACK);
        if (null === $pack) {
            throw InvalidInput::field('pack', 'Write how many come in a pack, such as 10.');
        }
        $this->stock->pack($body->item, $pack);

        return $this->get();
    }

    #[Route('/api/stock.csv', methods: ['GET'])]
    public function export(): Response
    {
        return new StreamedResponse(
            function (): void {
                $out = fopen('php://output', 'w');
                if (false === $out) {
                    throw new \RuntimeException('Nothing can be sent.');
                }
                $this->csv->write($out, $this->costs->currency());
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8; header=present',
                'Content-Disposition' => 'attachment; filename="stock.csv"',
            ],
        );
    }

    #[Route('/api/stock/import', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/stock/import',
            operationId: 'importStock',
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken in',
                    content: new OA\JsonContent(
                        required: ['added', 'known'],
                        properties: [
                            new OA\Property(property: 'added', type: 'integer'),
                            new OA\Property(property: 'known', type: 'integer'),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Lines are wrong; nothing was taken in'),
            ],
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->csv->read(
                Upload::fromRequest($request, 'file')->getPathname(),
                $this->names(),
                $this->costs->currency(),
            ),
        );
    }

    private function names(): StockNames
    {
        return new StockNames($this->jobs->shelf(), $this->jobs->catalogue());
    }
}
