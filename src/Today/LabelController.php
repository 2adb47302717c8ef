<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Http\PdfAnswer;
use Wubbin\Http\ShopKey;
use Wubbin\Job\JobPlanner;
use Wubbin\Order\OrderBook;
use Wubbin\Pdf\Labels;
use Wubbin\Pdf\ShopPapers;

/** Labels with codes, and where a phone gets that reads one. */
#[AsController]
final readonly class LabelController
{
    public function __construct(
        private Scanned $scanned,
        private JobPlanner $jobs,
        private OrderBook $orders,
        private ShopPapers $papers,
        private ShopKey $key,
    ) {}

    /** One for the lot on its rack place, and one for each piece. */
    #[Route('/api/runs/{id}/labels.pdf', methods: ['GET'])]
    public function run(string $id, Request $request): Response
    {
        $run = $this->scanned->run($id);
        $base = $this->base($request) . '/scan/run/' . rawurlencode($run->id);
        $due = $this->jobs->find($run->job)->job()->due;
        $day = null === $due ? [] : ['due ' . $due];
        $count = $run->pieces->count();
        $labels = [[$base, $run->name, ['rack place: ' . (1 === $count ? '1 piece' : $count . ' pieces'), ...$day]]];
        for ($piece = 1; $piece <= $count; ++$piece) {
            $name = $run->pieces->get($piece)?->label;
            $labels[] = [
                $base . '/' . $piece,
                $run->name,
                [...null === $name ? [] : [$name], sprintf('piece %d of %d', $piece, $count), ...$day],
            ];
        }

        return PdfAnswer::of(
            $this->papers->press(Labels::of($run->name . ' · labels', $labels, $this->papers->size())),
            'labels',
        );
    }

    /** For the bag that an order is handed over in. */
    #[Route('/api/orders/{id}/label.pdf', methods: ['GET'])]
    public function order(string $id, Request $request): Response
    {
        $order = $this->orders->view($this->orders->find($id));
        $lines = array_map(static fn($line): string => $line->quantity . ' × ' . $line->name, $order->lines);

        return PdfAnswer::of(
            $this->papers->press(
                Labels::of(
                    $order->label . ' · label',
                    [
                        [
                            $this->base($request) . '/scan/order/' . rawurlencode($order->id),
                            $order->label,
                            [...null === $order->due ? [] : ['due ' . $order->due], ...array_slice($lines, 0, 4)],
                        ],
                    ],
                    $this->papers->size(),
                ),
            ),
            'label',
        );
    }

    #[Route('/api/scan/{run}/{piece}', requirements: ['piece' => '\d{1,4}'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/scan/{run}/{piece}',
            operationId: 'scanLabel',
            parameters: [
                new OA\PathParameter(name: 'run', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(
                    name: 'piece',
                    description: '0 for the lot',
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new Answer(200, 'Where its page is', ScannedView::class),
                new Refused(404, 'No such session or piece in this shop'),
            ],
        ),
    ]
    public function scan(string $run, int $piece): JsonResponse
    {
        return new JsonResponse(new ScannedView($this->scanned->place($run, $piece)));
    }

    /** What a phone reaches this shop by: an address of the network, where the page was opened on this machine. */
    private function base(Request $request): string
    {
        $network = $this->key->networkAddress();
        $host = $request->getHost();

        return in_array($host, ['localhost', '127.0.0.1', '[::1]'], true) && null !== $network
            ? sprintf('%s://%s:%d', $request->getScheme(), $network, $request->getPort())
            : $request->getSchemeAndHttpHost();
    }
}
