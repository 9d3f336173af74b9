<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

/** A source and its kind. */
final readonly class Source
{
    private function __construct(public SourceKind $kind, public string $text) {}

    public static function published(string $workAndPlace): self
    {
        return new self(SourceKind::Published, $workAndPlace);
    }

    /** Common practice of the trade: no publication stands behind it. */
    public static function common(): self
    {
        return new self(SourceKind::Common, 'common practice of the trade');
    }

    /** A publication whose figure was written down from memory and not checked against a copy. */
    public static function memory(string $workAndPlace): self
    {
        return new self(SourceKind::Memory, $workAndPlace . ' (from memory)');
    }

    /**
     * What stands behind a rule: the one list that findings and handbook both read. What a maker, a law or an organisation says is
     * cited beside it as it was entered.
     *
     * @return non-empty-list<self>
     */
    public static function cited(Code $code): array
    {
        return match ($code) {
            Code::LabelStandard => [self::memory('the standards that each practice accepts')],
            Code::RegisterMissing => [self::memory('49 CFR 588')],
            Code::HistoryCrash, Code::HistoryMinorCrash, Code::HistoryCrashUnclear => [self::memory('NHTSA, Car Seat Use After a Crash')],
            Code::ModeUnderOneForward => [self::memory('labels under 49 CFR 571.213')],
            Code::ModeForwardEarly, Code::ModeFrontRowUnder13 => [self::memory('AAP policy statement, Child Passenger Safety, 2018')],
            Code::SecureAnchorOverweight => [self::memory('49 CFR 571.213 S5.5.2(l)')],
            Code::SecureAnchorBorrowed => [self::common(), self::memory('49 CFR 571.225: the bars of one place stand 280 mm apart')],
            default => [self::common()],
        };
    }

    /** "C", or the mark with the work it stands for. */
    public function marked(): string
    {
        return $this->kind === SourceKind::Common ? $this->kind->mark() : "{$this->kind->mark()}: {$this->text}";
    }

    /** The seat's or vehicle's own words, as entered. */
    public static function manual(string $whose): self
    {
        return new self(SourceKind::Published, "the {$whose}'s own label or manual, as entered");
    }
}
