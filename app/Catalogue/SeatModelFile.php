<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Files\Chunks;
use App\Files\Csv;
use App\Models\SeatModel;
use App\Words\Telling;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonList;
use MintBuckle\Core\Catalogue\AboutModel;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Catalogue\SeatKind;
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

    /** More help nobody. */
    private const MOST_PROBLEMS = 100;

    /**
     * @param list<array{kind: string, rules: stdClass, about: array<string, mixed>|null}> $models
     * @param list<string> $problems
     */
    private function __construct(public array $models, public array $problems) {}

    /** @param resource $stream of a whole file */
    public static function read($stream): self
    {
        $start = ltrim((string) fread($stream, 64), "\u{FEFF} \n\r\t");
        rewind($stream);

        return str_starts_with($start, '{') ? self::json($stream) : self::csv($stream);
    }

    /** @param Collection<int, SeatModel> $models */
    public static function toJson(Collection $models): string
    {
        return json_encode(
            [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'models' => $models->map(static fn(SeatModel $m): array => [
                    'kind' => $m->kind,
                    'rules' => $m->rules,
                ] + ($m->about === [] ? [] : ['about' => $m->about]))->all(),
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /** @param Collection<int, SeatModel> $models */
    public static function toCsv(Collection $models): string
    {
        $out = fopen('php://temp', 'w+b');
        assert($out !== false);
        Csv::write($out, ['kind', ...self::columns()]);
        foreach ($models as $model) {
            $typed = ModelText::show($model->rules);
            Csv::write($out, [$model->kind, ...array_map(static fn(string $path): string => $typed[$path] ?? '', self::columns())]);
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** @return list<string> */
    private static function columns(): array
    {
        return array_map(static fn(ModelField $f): string => $f->path, array_merge(...array_values(ModelFields::simple())));
    }

    /** @param resource $stream */
    private static function json($stream): self
    {
        [$models, $problems] = [[], []];
        try {
            $items = JsonList::read(Chunks::of($stream), 'models');
            foreach ($items as $index => $model) {
                if ($model instanceof InvalidCase) {
                    array_push($problems, ...explode("\n", $model->getMessage()));
                    continue;
                }
                $rules = ($model->rules ?? null) instanceof stdClass ? $model->rules : new stdClass();
                $kind = is_string($model->kind ?? null) ? $model->kind : '';
                $about = isset($model->about) ? AboutModel::read($model->about) : null;
                array_push($problems, ...self::problems("models.{$index}", $rules, $kind, $about->problems ?? []));
                if (count($problems) >= self::MOST_PROBLEMS) {
                    return new self([], $problems);
                }
                $models[] = ['kind' => $kind, 'rules' => $rules, 'about' => $about?->said];
            }
            $file = $items->getReturn();
        } catch (InvalidCase $e) {
            return new self([], explode("\n", $e->getMessage()));
        }
        $isOurs = in_array($file->format ?? null, [self::FORMAT, self::FORMER], true) && ($file->version ?? null) === self::VERSION;

        return $isOurs ? new self($problems === [] ? $models : [], $problems) : new self([], [Telling::now()->tell(new Message(
            'catalogue.wrong.format',
            ['format' => self::FORMAT, 'version' => (string) self::VERSION],
        ))]);
    }

    /** @param resource $stream */
    private static function csv($stream): self
    {
        $records = Csv::records($stream);
        $first = $records->valid() ? $records->current() : [];
        $header = array_map(static fn(?string $c): string => trim((string) $c, " \u{FEFF}"), Csv::isText($first) ? $first : []);
        $wrong = self::wrongColumns($header);
        if ($wrong !== []) {
            return new self([], $wrong);
        }
        [$models, $problems] = [[], []];
        $known = self::known();
        for ($records->next(); $records->valid() && count($problems) < self::MOST_PROBLEMS; $records->next()) {
            [$line, $fields] = [$records->key(), $records->current()];
            if ($fields === [null]) {
                continue;
            }
            if (! Csv::isText($fields)) {
                $problems[] = "line {$line}: " . Telling::now()->word('manual_text.no_text');
                continue;
            }
            if (count($fields) !== count($header)) {
                $problems[] = Telling::now()->tell(new Message(
                    'catalogue.wrong.fields',
                    ['line' => $line, 'has' => count($fields), 'first' => count($header)],
                ));
                continue;
            }
            $typed = array_combine($header, array_map(strval(...), $fields));
            $before = $known["{$typed['maker']}\n{$typed['model']}"] ?? null;
            $read = ModelText::read(
                $typed + [
                    ModelText::MODES => array_keys((array) ($before->modes ?? [])),
                ] + ($before === null ? [] : ModelText::show($before)),
                $before,
            );
            array_push($problems, ...self::problems("line {$line}", $read->rules, $typed['kind'], $read->problems));
            $models[] = ['kind' => $typed['kind'], 'rules' => $read->rules, 'about' => null];
        }

        return new self($problems === [] ? $models : [], $problems);
    }

    /**
     * @param list<string> $header
     * @return list<string> what is wrong with it
     */
    private static function wrongColumns(array $header): array
    {
        $unknown = array_values(array_diff($header, ['kind', ...self::columns()]));
        if ($unknown === []) {
            $isWhole = array_diff(['kind', 'maker', 'model'], $header) === [] && count(array_unique($header)) === count($header);

            return $isWhole ? [] : [Telling::now()->word('catalogue.wrong.columns')];
        }

        return array_map(
            static fn(string $c): string => Telling::now()->tell(new Message('catalogue.wrong.column', ['column' => $c])),
            array_slice($unknown, 0, self::MOST_PROBLEMS),
        );
    }

    /** @return array<string, stdClass> rules of the models in use, by maker and number */
    private static function known(): array
    {
        $known = [];
        foreach (SeatModel::inUse()->lazy() as $model) {
            $known["{$model->maker}\n{$model->model}"] = $model->rules;
        }

        return $known;
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
        if (str_contains(json_encode($rules, JSON_THROW_ON_ERROR), '\\u0000')) {
            return ["{$where}: " . Telling::now()->word('manual_text.no_text')];
        }
        $all = $known + array_fill_keys($lacking, new Message('manual_text.needed')) + ModelText::refused($rules) + (
            in_array($kind, SeatKind::values(), true)
                ? []
                : ['kind' => new Message('manual_text.kind', ['kinds' => Listing::names(SeatKind::values())])]
        );

        return array_map(
            static fn(string $path, Message|string $problem): string => "{$where}.{$path}: " . Telling::now()->says($problem),
            array_keys($all),
            $all,
        );
    }
}
