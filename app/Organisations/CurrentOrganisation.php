<?php

declare(strict_types=1);

namespace App\Organisations;

use Illuminate\Log\Context\Repository;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;

/**
 * The one organisation that is worked for. The database shows and takes its rows only; before one is entered there are none.
 * What is put in the queue is done for the organisation that put it there.
 */
final class CurrentOrganisation
{
    private const CARRIED = 'organisation';

    private ?int $id = null;

    /** Leaves whichever was entered before, also where this door leads nowhere. */
    public function enter(Door $by, int|string $key = ''): bool
    {
        $found = DB::scalar('select enter_organisation(?, ?)', [$by->value, (string) $key]);
        $this->id = is_int($found) ? $found : null;
        Context::addHidden(self::CARRIED, $this->id);

        return $this->id !== null;
    }

    public function leave(): void
    {
        $this->id = null;
        Context::forgetHidden(self::CARRIED);
        DB::select("select set_config('mintbuckle.organisation', '', false)");
    }

    public function id(): ?int
    {
        return $this->id;
    }

    /** For what is remembered beside the database, where nothing else keeps organisations apart. */
    public static function key(string $what): string
    {
        return 'organisation.' . resolve(self::class)->id . ".{$what}";
    }

    /** Work from the queue begins where it was put there. */
    public static function carry(): void
    {
        Context::hydrated(static function (Repository $carried): void {
            $id = $carried->getHidden(self::CARRIED);
            is_int($id) ? resolve(self::class)->enter(Door::Organisation, $id) : resolve(self::class)->leave();
        });
    }
}
