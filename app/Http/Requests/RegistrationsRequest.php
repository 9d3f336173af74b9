<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bookings\RegistrationFile;
use App\Words\Telling;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A file of registrations, and which of its columns says what. */
final class RegistrationsRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    private const MOST_KB = 2048;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        if ($this->routeIs('bookings.file.store')) {
            return ['file' => ['required', 'file', 'max:' . self::MOST_KB]];
        }
        $rules = [];
        foreach (RegistrationFile::FIELDS as $field) {
            $needed = in_array($field, RegistrationFile::NEEDED, true) ? 'required' : 'nullable';
            $rules["columns.{$field}"] = [$needed, 'integer', 'between:0,200'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => Telling::now()->word('refused.booking.file'), 'columns.*' => Telling::now()->word('refused.booking.columns')];
    }

    public function content(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }

    /** @return array<string, int> */
    public function columns(): array
    {
        $columns = [];
        foreach (RegistrationFile::FIELDS as $field) {
            if ($this->filled("columns.{$field}")) {
                $columns[$field] = $this->integer("columns.{$field}");
            }
        }

        return $columns;
    }
}
