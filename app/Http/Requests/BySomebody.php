<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;

/** A request of somebody who has signed in, and is the author of what it brings. */
trait BySomebody
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    public function author(): User
    {
        $user = $this->user();
        assert($user instanceof User);

        return $user;
    }
}
