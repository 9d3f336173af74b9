<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is searched, shown or chosen by an address: nothing in it can be wrong enough to be refused. */
final class PlainRequest extends FormRequest
{
    use ReadsText;
}
