<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\FromManual;
use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\ManualPart;
use MintBuckle\Core\Facts\Definition\MapOf;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;

/** A seat: its label, its maker's rules, its past. model is the number on the label, name the trade name. */
final readonly class Seat
{
    public function __construct(
        /** Name of the maker, as the label says; null: not read. */
        #[Asked(Station::Label, 20), FromManual(ManualPart::Identity, 10, required: true)]
        public ?string $maker = null,
        /** The model number on the label, never the trade name; null: not read. */
        #[Asked(Station::Label, 30), FromManual(ManualPart::Identity, 20, required: true)]
        public ?string $model = null,
        /** The trade name; null: not given. */
        #[FromManual(ManualPart::Identity, 30)]
        public ?string $name = null,
        /** Serial number on the label; null: not read. */
        #[Asked(Station::Label, 40)]
        public ?string $serial = null,
        /** When it was made, as far as the label says; null: not read. */
        #[Asked(Station::Label, 50)]
        public ?PartialDate $madeOn = null,
        /** The stamp "do not use after", its last day included; null: no stamp was read. */
        #[Asked(Station::Label, 60)]
        public ?PartialDate $useUntil = null,
        /** Years from the make date for which it may be used; null: neither label nor manual says. */
        #[Within(1, 40), Asked(Station::Label, 70), FromManual(ManualPart::Identity, 40)]
        public ?int $lifeYears = null,
        /** Weight of the seat without a child; null: not known. */
        #[Asked(Station::Secure, 390, AskedWhen::WhenNeeded), FromManual(ManualPart::Identity, 60)]
        public ?Mass $weight = null,
        /**
         * Standards the label claims, in lower case; null: not read.
         *
         * @var list<string>|null
         */
        #[Asked(Station::Label, 80, as: AnswerKind::Choices, answers: ['fmvss213', 'asnzs1754', 'ecer44', 'ecer129'])]
        #[ListOf('string'), FromManual(ManualPart::Identity, 50)]
        public ?array $standards = null,
        /** Whether maker, model and date can be read; null: not looked at. */
        #[Asked(Station::Label, 10)]
        public ?bool $labelReadable = null,
        /** Whether its maker knows the owner; null: not asked. */
        #[Asked(Station::Label, 100)]
        public ?bool $registered = null,
        /**
         * Campaign numbers shown as put right on this seat.
         *
         * @var list<string>
         */
        #[ListOf('string'), Asked(Station::Label, 110)]
        public array $remedied = [],
        /** Whether the seat itself has a lock-off; null: not known. */
        #[Asked(Station::Secure, 50, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 10)]
        public ?bool $lockoff = null,
        /** Which lock-off its maker wants closed; null: its maker does not say. */
        #[FromManual(ManualPart::Holding, 12)]
        public ?WebbingSide $lockoffUse = null,
        /** Where the lock-off or clamp door sits; null: not known. */
        #[Asked(Station::Secure, 70, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 14)]
        public ?LockoffPlace $lockoffOn = null,
        /** Whether it has a hinged panel or plate that clamps the belt; null: not known. */
        #[Asked(Station::Secure, 60, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 20)]
        public ?bool $clampDoor = null,
        /** With its lock-off or door: its maker on locking the retractor as well; null: its maker does not say. */
        #[Asked(Station::Secure, 80, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 30)]
        public ?MakerPermission $lockRetractorToo = null,
        /** What comes before the door is closed; null: tightening. */
        #[FromManual(ManualPart::Holding, 32)]
        public ?ClampOrder $clampOrder = null,
        /** Whether the shell lifts off a base; null: not known. */
        #[Asked(Station::Secure, 90, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 40)]
        public ?bool $detachable = null,
        /** Whether the shell turns on its base; null: not known. */
        #[Asked(Station::Secure, 100, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 42)]
        public ?bool $turns = null,
        /** Whether the shell may be belted without its base; null: not known. */
        #[Asked(Station::Secure, 320, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 50)]
        public ?Permission $baseless = null,
        /** Which part of the belt goes through without the base; null: as the mode says. */
        #[FromManual(ManualPart::Holding, 52)]
        public ?Webbing $baselessWebbing = null,
        /** Whether the label certifies it for aircraft; null: not read. */
        #[Asked(Station::Label, 90), FromManual(ManualPart::Holding, 170)]
        public ?bool $aircraftCertified = null,
        /** What its maker would rather have hold it; null: no preference. */
        #[FromManual(ManualPart::Holding, 55)]
        public ?Holding $makerPrefers = null,
        /** Whether its maker allows belt and lower anchors together; null: its maker does not say. */
        #[Asked(Station::Secure, 330, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 60)]
        public ?bool $beltAndAnchorsOk = null,
        /** Whether its maker allows the bars of two neighbouring places; null: its maker does not say. */
        #[Asked(Station::Secure, 350, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 70)]
        public ?bool $borrowAnchorsOk = null,
        /** Whether its maker allows an inflatable belt; null: its maker does not say. */
        #[Asked(Station::Secure, 370, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 80)]
        public ?bool $inflatableBeltOk = null,
        /** Whether its maker allows a noodle or towel beneath; null: its maker does not say. */
        #[Asked(Station::Measure, 320, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 90)]
        public ?bool $wedgeOk = null,
        /** Its maker on a tether rear-facing; null: its maker does not say. */
        #[Asked(Station::Place, 230, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 110)]
        public ?MakerPermission $tetherRear = null,
        /** Whether its maker demands the tether forward-facing; null: its maker does not say. */
        #[Asked(Station::Place, 220, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 120)]
        public ?bool $tetherForwardRequired = null,
        /** Heaviest child while lower anchors hold it; null: no figure is printed. */
        #[LimitIn(MassUnit::class), Asked(Station::Secure, 380, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 100)]
        public ?Limit $lowerAnchorChildMax = null,
        /** Farthest the locking clip may be from the latch plate; null: the practice's figure. */
        #[LimitIn(LengthUnit::class), Asked(Station::Secure, 270, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 140)]
        public ?Limit $clipDistanceMax = null,
        /** Most it may move at the belt path; null: the practice's figure. */
        #[LimitIn(LengthUnit::class), Asked(Station::Measure, 100, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 130)]
        public ?Limit $movementMax = null,
        /** Farthest the base may hang over the cushion; null: by the share on the cushion. */
        #[LimitIn(LengthUnit::class), Asked(Station::Measure, 220, AskedWhen::BesideFinding), FromManual(ManualPart::Holding, 150)]
        public ?Limit $overhangMax = null,
        /** Where the straps leave it rear-facing; null: the convention of the label's standard. */
        #[Asked(Station::Buckle, 50, AskedWhen::BesideFinding), FromManual(ManualPart::Harness, 20)]
        public ?StrapRule $strapRuleRear = null,
        /** Where the straps leave it forward-facing; null: the convention of the label's standard. */
        #[Asked(Station::Buckle, 60, AskedWhen::BesideFinding), FromManual(ManualPart::Harness, 30)]
        public ?StrapRule $strapRuleForward = null,
        /** The test its manual names; null: the practice's test. */
        #[Asked(Station::Buckle, 110, AskedWhen::BesideFinding), FromManual(ManualPart::Harness, 40)]
        public ?TightnessTest $tightnessTest = null,
        /** Whether it has a chest clip; null: the convention of the label's standard. */
        #[Asked(Station::Buckle, 130, AskedWhen::WhenNeeded), FromManual(ManualPart::Harness, 50)]
        public ?bool $chestClip = null,
        /** Which side pods must be out; null: its maker sets no such rule. */
        #[FromManual(ManualPart::Harness, 60)]
        public ?SidePod $sidePod = null,
        /** Length of the part of the base that rests on the cushion; null: not known. */
        #[Asked(Station::Measure, 330, AskedWhen::BesideFinding), FromManual(ManualPart::Identity, 80)]
        public ?Length $baseLength = null,
        /** Greatest width; null: not known. */
        #[Asked(Station::Place, 140, AskedWhen::WhenNeeded), FromManual(ManualPart::Identity, 70)]
        public ?Length $width = null,
        /** Its maker on crashes; null: its maker does not say. */
        #[Asked(Station::History, 30, AskedWhen::WhenNeeded), FromManual(ManualPart::Holding, 160)]
        public ?ReplaceAfterCrash $replaceAfterCrash = null,
        /**
         * Harness slots, lowest first; an empty list: it has none; null: not known.
         *
         * @var list<Slot>|null
         */
        #[ListOf(Slot::class),
            Asked(Station::Buckle, 70, AskedWhen::WhenNeeded, as: AnswerKind::Heights),
            FromManual(ManualPart::Harness, 10),]
        public ?array $slots = null,
        /**
         * Cushions that came with it; an empty list: none; null: not known.
         *
         * @var list<Insert>|null
         */
        #[ListOf(Insert::class), Asked(Station::History, 140, AskedWhen::Elsewhere), FromManual(ManualPart::Harness, 70)]
        public ?array $inserts = null,
        /**
         * Ways of using it, most protective first, whatever the file's order; null: not known.
         *
         * @var array<value-of<ModeName>, Mode>|null
         */
        #[MapOf(Mode::class, by: ModeName::OF_SEATS), Asked(Station::Child, 90, AskedWhen::Elsewhere)]
        public ?array $modes = null,
        /** What happened to it. */
        public History $history = new History(),
    ) {}
}
