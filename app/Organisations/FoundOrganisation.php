<?php

declare(strict_types=1);

namespace App\Organisations;

use App\Models\Organisation;
use Illuminate\Support\Facades\DB;

/** A new organisation, which is entered at once; it has nothing yet. */
final readonly class FoundOrganisation
{
    public function __construct(private CurrentOrganisation $current) {}

    /** @return int its number */
    public function __invoke(string $name): int
    {
        $id = DB::scalar("select nextval('organisations_id_seq')");
        assert(is_int($id));
        // Nothing can be seen of it, not even its number, before it is entered.
        Organisation::query()->insert(['id' => $id, 'name' => $name]);
        $this->current->enter(Door::Organisation, $id);

        return $id;
    }
}
