<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Stringable;

/** A list where one text is meant says nothing, as if it had not come. */
trait ReadsText
{
    public function string($key, $default = null): Stringable
    {
        return is_array($this->input($key)) ? new Stringable() : parent::string($key, $default);
    }

    public function enum($key, $enumClass, $default = null)
    {
        return is_array($this->input($key)) ? $default : parent::enum($key, $enumClass, $default);
    }
}
