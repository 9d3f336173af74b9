<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use MintBuckle\Core\Facts\Campaign;

/**
 * By what a store narrows the campaigns that may concern a seat: the folded maker, and how a folded model begins. A campaign is kept
 * under the literal beginning of each of its patterns; a seat asks for every beginning of its model. What is left is a superset of
 * what matches, never less; matching itself is RecallMatch's.
 */
final readonly class CandidateKeys
{
    public static function maker(string $maker): string
    {
        return Folded::text($maker);
    }

    /** @return list<string> beginnings under which to keep a campaign; the empty one stands for every model */
    public static function ofCampaign(Campaign $campaign): array
    {
        return $campaign->models === [] ? [''] : array_values(array_unique(array_map(Folded::beginning(...), $campaign->models)));
    }

    /** @return list<string> every beginning of a seat's model, the empty one first */
    public static function ofModel(string $model): array
    {
        $folded = Folded::text($model);
        $beginnings = [];
        for ($length = 0, $all = mb_strlen($folded); $length <= $all; $length++) {
            $beginnings[] = mb_substr($folded, 0, $length);
        }

        return $beginnings;
    }
}
