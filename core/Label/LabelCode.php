<?php

declare(strict_types=1);

namespace MintBuckle\Core\Label;

use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\JsonText;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Telling\Message;
use stdClass;

/**
 * What a code on a seat's label says. The open form is JSON; any other code is only a text, which may be a serial or a model number:
 * whoever reads it says which. Nothing is taken unseen.
 */
final readonly class LabelCode
{
    public const FORMAT = 'mint-buckle/label';

    public const VERSION = 1;

    /** What a label tells of one seat, by the keys of the case format's seat section. */
    public const KEYS = ['maker', 'model', 'name', 'serial', 'made_on', 'use_until'];

    private const MOST_TEXT = 120;

    /**
     * @param array<string, string> $facts what the label tells; empty for a plain code
     * @param string|null $text of a plain code
     * @param Message|null $problem why nothing could be read
     */
    private function __construct(public array $facts, public ?string $text, public ?Message $problem) {}

    public static function read(string $code): self
    {
        $code = trim($code);
        if (! str_starts_with($code, '{')) {
            return $code === '' || mb_strlen($code) > self::MOST_TEXT || preg_match('/[\x00-\x1f]/', $code) === 1
                ? new self([], null, new Message('label_code.nothing'))
                : new self([], $code, null);
        }
        try {
            return self::label(JsonText::decode($code));
        } catch (InvalidCase $e) {
            $problem = $e->problems[0];

            return new self([], null, new Message('label_code.wrong', ['path' => $problem->path, 'problem' => $problem->told()]));
        }
    }

    /** @param array<string, string> $facts by KEYS */
    public static function write(array $facts): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION] + array_intersect_key($facts, array_flip(self::KEYS)),
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
    }

    /** @throws InvalidCase */
    private static function label(stdClass $label): self
    {
        if (($label->format ?? null) !== self::FORMAT || ($label->version ?? null) !== self::VERSION) {
            return new self([], null, new Message('label_code.not_a_label'));
        }
        $facts = array_filter(array_intersect_key(get_object_vars($label), array_flip(self::KEYS)), is_string(...));
        $problems = new Problems();
        SectionReader::read(Seat::class, (object) $facts, problems: $problems);
        $problems->stopIfAny();

        return new self($facts, null, $facts === [] ? new Message('label_code.empty') : null);
    }
}
