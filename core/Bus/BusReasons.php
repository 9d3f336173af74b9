<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Why a plan is as it is, in a few sentences. */
final readonly class BusReasons
{
    public function __construct(private BusRequest $request, private BusLayout $layout) {}

    /**
     * @param array<string, BusSeat> $seats
     * @param list<BusBench> $empty
     * @return list<Message>
     */
    public function of(array $seats, array $empty): array
    {
        $rear = array_filter($seats, fn(BusSeat $seat): bool => $this->request->system($seat->system)?->kind->facesRear() === true);
        $restrained = array_filter($seats, static fn(BusSeat $seat): bool => $seat->system !== null);
        $why = [];
        if ($rear !== []) {
            $why[] = new Message('bus.why.rear', ['names' => Listing::all(array_keys($rear)), 'n' => count($rear)]);
        }
        if (count($restrained) > count($rear)) {
            $why[] = new Message('bus.why.front', ['names' => Listing::all(array_keys(array_diff_key($restrained, $rear)))]);
        }
        foreach ($empty as $bench) {
            $why[] = new Message('bus.why.empty', ['row' => $bench->row, 'side' => $bench->side, 'name' => $this->ahead($bench, $seats)]);
        }

        return $why;
    }

    /** @param array<string, BusSeat> $seats */
    private function ahead(BusBench $bench, array $seats): string
    {
        $before = array_filter(
            $this->layout->benches,
            static fn(BusBench $b): bool => $b->side === $bench->side && $b->row < $bench->row,
        );
        $next = $before === [] ? null : $before[array_key_last($before)];

        return (string) array_key_first(array_filter(
            $seats,
            static fn(BusSeat $seat): bool => $seat->heldBy === BusFixing::Wrap && $seat->bench === $next,
        ));
    }
}
