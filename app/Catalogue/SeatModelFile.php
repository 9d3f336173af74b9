<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonText;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use stdClass;

/**
 * The catalogue as a file: JSON by its schema with every rule, CSV per RFC 4180 with those that stand in one line. Refused whole when
 * anything is wrong.
 */
final readonly class SeatModelFile
{
    public const FORMAT = 'mint-buckle/seats';

    /** What it was called before; read as the same. */
    private const FORMER = 'mint-buckle/shelf';

    public const VERSION = 1;

    /**
     * @param list<array{kind: string, rules: stdClass}> $models
     * @param list<string> $problems
     */
    private function __construct(public array $models, public array $problems) {}

    public static function read(string $text): self
    {
        return str_starts_with(ltrim($text, "\u{FEFF} \n\r\t"), '{') ? self::json($text) : self::csv($text);
    }

    /** @param Collection<int, SeatModel> $models */
    public static function toJson(Collection $models): string
    {
        return json_encode(
            [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'models' => $models->map(static fn(SeatModel $m): array => ['kind' => $m->kind, 'rules' => $m->rules])->all(),
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /** @param Collection<int, SeatModel> $models */
    public static function toCsv(Collection $models): string
    {
        $out = fopen('php://temp', 'w+b');
        assert($out !== false);
        fputcsv($out, ['kind', ...self::columns()], ',', '"', '', "\r\n");
        foreach ($models as $model) {
            $typed = ModelText::show($model->rules);
            fputcsv(
                $out,
                [$model->kind, ...array_map(static fn(string $path): string => $typed[$path] ?? '', self::columns())],
                ',',
                '"',
                '',
                "\r\n",
            );
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** @return list<string> */
    private static function columns(): array
    {
        return array_map(static fn(ModelField $f): string => $f->path, array_merge(...array_values(ModelFields::simple())));
    }

    private static function json(string $text): self
    {
        try {
            $file = JsonText::decode($text);
        } catch (InvalidCase $e) {
            return new self([], explode("\n", $e->getMessage()));
        }
        if (
            ! in_array($file->format ?? null, [self::FORMAT, self::FORMER], true)
            || ($file->version ?? null) !== self::VERSION
            || ! is_array($file->models ?? null)
        ) {
            return new self(
                [],
                [Telling::now()->tell(new Message(
                    'catalogue.wrong.format',
                    ['format' => self::FORMAT, 'version' => (string) self::VERSION],
                ))],
            );
        }
        $models = [];
        $problems = [];
        foreach (array_values($file->models) as $index => $model) {
            $rules = $model instanceof stdClass && ($model->rules ?? null) instanceof stdClass ? $model->rules : new stdClass();
            $kind = $model instanceof stdClass && is_string($model->kind ?? null) ? $model->kind : '';
            $problems = [...$problems, ...self::problems("models.{$index}", $rules, $kind, [])];
            $models[] = ['kind' => $kind, 'rules' => $rules];
        }

        return new self($models, $problems);
    }

    private static function csv(string $text): self
    {
        $in = fopen('php://temp', 'w+b');
        assert($in !== false);
        fwrite($in, $text);
        rewind($in);
        $header = array_map(static fn(?string $c): string => trim((string) $c, " \u{FEFF}"), fgetcsv($in, null, ',', '"', '') ?: []);
        $unknown = array_diff($header, ['kind', ...self::columns()]);
        if ($unknown !== [] || array_diff(['kind', 'maker', 'model'], $header) !== []) {
            return new self(
                [],
                $unknown !== []
                    ? array_values(array_map(
                        static fn(string $c): string => Telling::now()->tell(new Message('catalogue.wrong.column', ['column' => $c])),
                        $unknown,
                    ))
                    : [Telling::now()->word('catalogue.wrong.columns')],
            );
        }
        $models = [];
        $problems = [];
        $line = 2;
        while (($fields = fgetcsv($in, null, ',', '"', '')) !== false) {
            if ($fields !== [null] && count($fields) === count($header)) {
                $typed = array_combine($header, array_map(strval(...), $fields));
                $before = SeatModel::inUse()->where('maker', $typed['maker'])->where('model', $typed['model'])->first();
                $read = ModelText::read(
                    $typed + [
                        ModelText::MODES => array_keys((array) ($before->rules->modes ?? [])),
                    ] + ($before === null ? [] : ModelText::show($before->rules)),
                    $before?->rules,
                );
                $problems = [...$problems, ...self::problems("line {$line}", $read->rules, $typed['kind'], $read->problems)];
                $models[] = ['kind' => $typed['kind'], 'rules' => $read->rules];
            } elseif ($fields !== [null]) {
                $problems[] = Telling::now()->tell(new Message(
                    'catalogue.wrong.fields',
                    ['line' => $line, 'has' => count($fields), 'first' => count($header)],
                ));
            }
            $line += 1 + substr_count(implode('', $fields), "\n");
        }

        return new self($models, $problems);
    }

    /**
     * @param array<string, Message|string> $known
     * @return list<string>
     */
    private static function problems(string $where, stdClass $rules, string $kind, array $known): array
    {
        $lacking = array_filter(
            ['maker', 'model'],
            static fn(string $key): bool => ! is_string($rules->{$key} ?? null) || $rules->{$key} === '',
        );
        $all = $known + array_fill_keys($lacking, new Message('manual_text.needed')) + ModelText::refused($rules) + (
            in_array($kind, SeatModel::KINDS, true)
                ? []
                : ['kind' => new Message('manual_text.kind', ['kinds' => Listing::names(SeatModel::KINDS)])]
        );

        return array_map(
            static fn(string $path, Message|string $problem): string => "{$where}.{$path}: " . Telling::now()->says($problem),
            array_keys($all),
            $all,
        );
    }
}
