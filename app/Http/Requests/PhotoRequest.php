<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Photos\PhotoOf;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A picture from this device. */
final class PhotoRequest extends EntryRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['about' => ['required', Rule::enum(PhotoOf::class)], 'photo' => ['required', 'file', 'max:2048']];
    }

    public function about(): PhotoOf
    {
        return PhotoOf::from($this->string('about')->toString());
    }

    public function bytes(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
