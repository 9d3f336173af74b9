<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Finding\Station;

/** Every fact that can be asked of a person, by station, in the order in which it is looked at. */
final readonly class Catalogue
{
    private const YES_NO = ['yes' => 'Yes', 'no' => 'No'];

    private const LEAVE = ['required' => 'Required', 'allowed' => 'Allowed', 'forbidden' => 'Forbidden'];

    private const FELT = ['still' => 'Still', 'within' => 'Within', 'more' => 'More'];

    private const STRAPS = ['at_or_below' => 'At or below the shoulder', 'at_or_above' => 'At or above the shoulder', 'level_to_25_above' => 'Level, to 25 mm above'];

    /** @var array<string, Askable> */
    private array $byPath;

    /** @param list<Askable> $all */
    private function __construct(public array $all)
    {
        $this->byPath = array_combine(array_map(static fn(Askable $a): string => $a->path, $all), $all);
    }

    /** The most specific entry for a path; null for facts that come with the seat, the car or the day. */
    public function for(string $path): ?Askable
    {
        if (isset($this->byPath[$path])) {
            return $this->byPath[$path];
        }
        foreach ($this->all as $askable) {
            if ($askable->hasStar() && $askable->matches($path)) {
                return $askable;
            }
        }

        return null;
    }

    /** What a fact is called within a sentence, and where in the car it is looked at. */
    public static function named(string $path): string
    {
        $name = lcfirst(self::standard()->for($path)->short ?? 'what the manual says');

        return preg_match('/\Avehicle\.positions\.(\w\w)\./', $path, $m) === 1 ? "{$name} (" . lcfirst(AskedOf::placeTitle($m[1])) . ')' : $name;
    }

    /** @return list<Askable> */
    public function at(Station $station): array
    {
        return array_values(array_filter($this->all, static fn(Askable $a): bool => $a->station === $station));
    }

    public static function standard(): self
    {
        /** @var self|null $made once: it never changes, and every answer looks into it several times */
        static $made = null;

        return $made ??= new self(self::entries());
    }

    /** @return list<Askable> */
    private static function entries(): array
    {
        return [
            // path, station, kind, short, question, choices, hint
            new Askable('seat.label_readable',                       Station::Label,    AnswerKind::YesNo,       'Label', 'Can maker, model and date be read on the label?', ['yes' => 'Readable', 'no' => 'Not readable'], 'Labels stand on two sides of the shell, and under the cover or base.'),
            new Askable('seat.maker',                                Station::Label,    AnswerKind::Text,        'Maker', 'Who made the seat?'),
            new Askable('seat.model',                                Station::Label,    AnswerKind::Text,        'Model number', 'Which model number stands on the label?', [], 'The number, not the trade name: seats of nearly one name differ.'),
            new Askable('seat.serial',                               Station::Label,    AnswerKind::Text,        'Serial', 'Which serial number stands on the label?'),
            new Askable('seat.made_on',                              Station::Label,    AnswerKind::PartialDate, 'Made', 'When was the seat made?', [], 'As far as the label says: 2021, 2021-03 or 2021-03-14.'),
            new Askable('seat.use_until',                            Station::Label,    AnswerKind::PartialDate, 'Do not use after', 'Is there a "do not use after" stamp?', [], 'As far as it says: 2030, 2030-03 or 2030-03-14. The stamp names the last day.'),
            new Askable('seat.life_years',                           Station::Label,    AnswerKind::Whole,       'Useful life, years', 'For how many years from its make date may the seat be used?', [], 'From the label or the manual. Never assume it.'),
            new Askable('seat.standards',                            Station::Label,    AnswerKind::Choices,     'Standards', 'Which standards does the label claim?', ['fmvss213' => 'FMVSS 213', 'asnzs1754' => 'AS/NZS 1754', 'ecer44' => 'ECE R44', 'ecer129' => 'ECE R129']),
            new Askable('seat.aircraft_certified',                   Station::Label,    AnswerKind::YesNo,       'Certified for aircraft', 'Does the label say that it is certified for aircraft?', self::YES_NO, 'In words like: certified for use in motor vehicles and aircraft.'),
            new Askable('seat.registered',                           Station::Label,    AnswerKind::YesNo,       'Registered', 'Is the seat registered with its maker?', self::YES_NO),
            new Askable('seat.remedied',                             Station::Label,    AnswerKind::Texts,       'Recalls put right', 'Which recalls are shown as put right on this seat?', [], 'One campaign number a line.'),
            new Askable('recall_list',                               Station::Label,    AnswerKind::Elsewhere,   'Recall list', 'Which recall list does the day use?', [], 'No recall list is loaded for this day. Ask the coordinator.'),
            new Askable('recall_list.*',                             Station::Label,    AnswerKind::Elsewhere,   'Recall list', 'Which recall list does the day use?', [], 'The recall list has no date or no content. Ask the coordinator.'),
            new Askable('seat',                                      Station::Label,    AnswerKind::Elsewhere,   'Seat', 'Which seat is it?', [], 'Choose the seat when the family arrives.'),
            new Askable('seat.history.known',                        Station::History,  AnswerKind::YesNo,       'Past', 'Is the seat\'s past known?', ['yes' => 'Known', 'no' => 'Nobody knows'], 'New, or from somebody who can vouch for it.'),
            new Askable('seat.history.crash',                        Station::History,  AnswerKind::YesNo,       'Crash', 'Was the seat ever in a crash?', self::YES_NO),
            new Askable('seat.replace_after_crash',                  Station::History,  AnswerKind::Choice,      'Maker on crashes', 'What does the seat\'s maker say about crashes?', ['any' => 'Replace after any crash', 'as_policy' => 'Nothing more'], 'From the seat\'s manual.'),
            new Askable('seat.history.crash_points.drove_away',      Station::History,  AnswerKind::YesNo,       'Drove away', 'Could the car be driven away?', self::YES_NO),
            new Askable('seat.history.crash_points.near_door_sound', Station::History,  AnswerKind::YesNo,       'Door sound', 'Was the door nearest the seat undamaged?', self::YES_NO),
            new Askable('seat.history.crash_points.nobody_hurt',     Station::History,  AnswerKind::YesNo,       'Nobody hurt', 'Was everybody in the car unhurt?', self::YES_NO),
            new Askable('seat.history.crash_points.no_airbag',       Station::History,  AnswerKind::YesNo,       'No airbag', 'Did every airbag stay closed?', self::YES_NO),
            new Askable('seat.history.crash_points.seat_sound',      Station::History,  AnswerKind::YesNo,       'Seat sound', 'Is the seat without visible damage?', self::YES_NO),
            new Askable('seat.history.damage',                       Station::History,  AnswerKind::Texts,       'Damage', 'Is anything cracked, bent, frayed, cut or not holding?', [], 'One thing a line, or "Nothing".'),
            new Askable('seat.history.altered',                      Station::History,  AnswerKind::YesNo,       'Altered', 'Was the seat repaired or altered at home?', self::YES_NO),
            new Askable('seat.history.parts_missing',                Station::History,  AnswerKind::Essentials,  'Missing parts', 'Is a part missing?'),
            new Askable('seat.history.parts_missing.*.essential',    Station::History,  AnswerKind::YesNo,       'Essential', 'Is the missing part essential?', self::YES_NO, 'A part that carries load or holds the child.'),
            new Askable('seat.history.extras',                       Station::History,  AnswerKind::Approvals,   'Extras', 'Is anything on the seat that did not come with it?', [], 'Strap covers, head pads, mats, mirrors, toys, covers behind the child.'),
            new Askable('seat.inserts',                              Station::History,  AnswerKind::Elsewhere,   'Inserts', 'Which inserts does the seat have?', [], 'Enter the seat\'s inserts with their weights under Seats.'),
            new Askable('seat.history.extras.*.approved',            Station::History,  AnswerKind::YesNo,       'Approved', 'Came the extra in the box, or does the seat\'s maker name it?', self::YES_NO),
            new Askable('child.born_on',                             Station::Child,    AnswerKind::Date,        'Birth date', 'When was the child born?'),
            new Askable('child.weight',                              Station::Child,    AnswerKind::Mass,        'Weight', 'What does the child weigh?'),
            new Askable('child.height',                              Station::Child,    AnswerKind::Length,      'Height', 'How tall is the child?'),
            new Askable('child.shoulder_height',                     Station::Child,    AnswerKind::Length,      'Shoulder height', 'How high is the shoulder above the seat cushion, sitting?'),
            new Askable('child.sex',                                 Station::Child,    AnswerKind::Choice,      'Growth chart', 'Which growth chart?', ['f' => 'Girls', 'm' => 'Boys']),
            new Askable('child.sits_unaided',                        Station::Child,    AnswerKind::YesNo,       'Sits unaided', 'Does the child sit unaided?', self::YES_NO),
            new Askable('child.special_needs',                       Station::Child,    AnswerKind::YesNo,       'Medical needs', 'Does the child have medical or positioning needs?', self::YES_NO),
            new Askable('setup.mode',                                Station::Child,    AnswerKind::Choice,      'Way of riding', 'How does the child ride?', ['rear_harness' => 'Rear-facing', 'forward_harness' => 'Forward, harness', 'high_back_booster' => 'High-back booster', 'backless_booster' => 'Backless booster', 'belt_only' => 'Belt alone']),
            new Askable('seat.modes',                                Station::Child,    AnswerKind::Elsewhere,   'Seat\'s modes', 'What is the seat made for?', [], 'Find its model on the shelf, at the station Label; or enter the model there from its manual.'),
            new Askable('seat.modes.*.weight_min',                   Station::Child,    AnswerKind::Mass,        'Least weight', 'Least weight for this mode, as the seat\'s label says?', [], 'From the label or the manual of this seat.'),
            new Askable('seat.modes.*.weight_max',                   Station::Child,    AnswerKind::Mass,        'Greatest weight', 'Greatest weight for this mode, as the seat\'s label says?', [], 'From the label or the manual of this seat.'),
            new Askable('seat.modes.*.height_min',                   Station::Child,    AnswerKind::Length,      'Least height', 'Least height for this mode, as the seat\'s label says?', [], 'From the label or the manual of this seat.'),
            new Askable('seat.modes.*.height_max',                   Station::Child,    AnswerKind::Length,      'Greatest height', 'Greatest height for this mode, as the seat\'s label says?', [], 'From the label or the manual of this seat.'),
            new Askable('seat.modes.*.anchors_allowed',              Station::Child,    AnswerKind::YesNo,       'Booster on anchors', 'Does the maker allow this booster on the lower anchors?', self::YES_NO),
            new Askable('setup.head_to_shell_top',                   Station::Child,    AnswerKind::Length,      'Shell above the head', 'How much shell is there above the head?'),
            new Askable('seat.modes.*.head_clearance_min',       Station::Child,    AnswerKind::Length,      'Shell above the head, at least', 'How much shell must be above the head, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('setup.ears_above',                          Station::Child,    AnswerKind::YesNo,       'Ears', 'Are the tops of the ears above the shell or head rest?', self::YES_NO),
            new Askable('setup.marker',                              Station::Child,    AnswerKind::Choice,      'Shoulder marker', 'Where is the shoulder against the seat\'s markers?', ['below' => 'Below', 'in' => 'Between', 'above' => 'Above']),
            new Askable('setup.belt_fit.back',                       Station::Child,    AnswerKind::YesNo,       'Does the back rest against the seat', 'Does the back rest against the seat?', self::YES_NO),
            new Askable('setup.belt_fit.knees',                      Station::Child,    AnswerKind::YesNo,       'Do the knees bend at the seat\'s edge', 'Do the knees bend at the seat\'s edge?', self::YES_NO),
            new Askable('setup.belt_fit.lap',                        Station::Child,    AnswerKind::YesNo,       'Does the lap part lie on the thighs', 'Does the lap part lie on the thighs?', self::YES_NO),
            new Askable('setup.belt_fit.shoulder',                   Station::Child,    AnswerKind::YesNo,       'Does the shoulder part cross mid-chest', 'Does the shoulder part cross mid-chest?', self::YES_NO),
            new Askable('setup.belt_fit.stays',                      Station::Child,    AnswerKind::YesNo,       'Can the child stay so for the whole ride', 'Can the child stay so for the whole ride?', self::YES_NO),
            new Askable('vehicle',                                   Station::Place,    AnswerKind::Elsewhere,   'Car', 'Which car is it?', [], 'Enter the car when the family arrives.'),
            new Askable('setup',                                     Station::Place,    AnswerKind::Elsewhere,   'Set-up', 'How is the seat set up?', [], 'Choose how the child rides and where.'),
            new Askable('setup.position',                            Station::Place,    AnswerKind::Choice,      'Place', 'Where in the car?', AskedOf::places(...)),
            new Askable('vehicle.positions.*.taken',                 Station::Place,    AnswerKind::YesNo,       'Taken', 'Has somebody or something else this place?', self::YES_NO),
            new Askable('vehicle.positions.*.side_facing',           Station::Place,    AnswerKind::YesNo,       'Side-facing', 'Does the vehicle seat face sideways?', self::YES_NO),
            new Askable('vehicle.positions.*.airbag',                Station::Place,    AnswerKind::YesNo,       'Airbag ahead', 'Is there an active airbag in front of this place?', self::YES_NO),
            new Askable('vehicle.positions.*.tether_anchor',         Station::Place,    AnswerKind::YesNo,       'Tether anchor', 'Is there a tether anchor for this place?', self::YES_NO, 'Behind the seat back, on the shelf, floor, boot or roof.'),
            new Askable('vehicle.positions.*.lower_anchors',         Station::Place,    AnswerKind::YesNo,       'Lower anchors', 'Are there lower anchors at this place?', self::YES_NO, 'They hide in the crease: look for a button, a symbol, a dot.'),
            new Askable('vehicle.positions.*.belt',                  Station::Place,    AnswerKind::Choice,      'Belt', 'Which belt is here?', ['lap_shoulder' => 'Lap and shoulder', 'lap' => 'Lap only', 'none' => 'None']),
            new Askable('vehicle.positions.*.retractor',             Station::Place,    AnswerKind::Choice,      'Retractor', 'What does the retractor do? Pull slowly to the very end and let it back.', ['switchable' => 'Ratchets, then refuses', 'alr' => 'Refuses after a short pull', 'elr' => 'Stops only on a tug', 'none' => 'There is none']),
            new Askable('vehicle.positions.*.latch_plate',           Station::Place,    AnswerKind::Choice,      'Latch plate', 'Slide the webbing through the latch plate: what does it do?', ['sliding' => 'Slides free', 'locking' => 'Grips when pulled up', 'switch' => 'Has a lever or button', 'sewn' => 'Stitched on']),
            new Askable('vehicle.positions.*.tether_anchor_at',      Station::Place,    AnswerKind::Choice,      'Tether anchor is', 'Where is the tether anchor?', ['seat_back' => 'Behind the seat back', 'shelf' => 'On the shelf', 'floor' => 'On the floor', 'roof' => 'In the roof', 'boot' => 'In the boot', 'wall' => 'On the wall'], 'Told to the family on the card.'),
            new Askable('vehicle.positions.*.width',                 Station::Place,    AnswerKind::Length,      'Usable width', 'How wide is this place?', [], 'Between what bounds it on either side, at the height of a seat.'),
            new Askable('seat.width',                                Station::Place,    AnswerKind::Length,      'Seat width', 'How wide is the seat at its widest?'),
            new Askable('vehicle.positions.*.inflatable_belt',       Station::Place,    AnswerKind::YesNo,       'Inflatable belt', 'Is the belt inflatable?', self::YES_NO, 'Thicker webbing, marked at the plate.'),
            new Askable('setup.front_contact',                       Station::Place,    AnswerKind::Choice,      'Seat ahead', 'How does it meet the vehicle seat ahead?', ['none' => 'Gap', 'touch' => 'Light touch', 'pressed' => 'Pressed hard']),
            new Askable('setup.handle',                              Station::Place,    AnswerKind::Choice,      'Handle', 'Where is the carrying handle?', AskedOf::handles(...)),
            new Askable('setup.vehicle_back_upright',                Station::Place,    AnswerKind::YesNo,       'Vehicle back', 'Is the vehicle seat back upright?', self::YES_NO),
            new Askable('setup.touches_vehicle_back',                Station::Place,    AnswerKind::YesNo,       'Touches back', 'Does the seat touch the vehicle seat back?', self::YES_NO),
            new Askable('setup.head_restraint_pushes',               Station::Place,    AnswerKind::YesNo,       'Head restraint', 'Does the vehicle head restraint push the seat away?', self::YES_NO),
            new Askable('setup.head_restraint',                      Station::Place,    AnswerKind::Choice,      'Head restraint is', 'What was done to the vehicle head restraint?', ['in_place' => 'In its place', 'raised' => 'Raised', 'removed' => 'Taken off'], 'A restraint that is off is put back for whoever sits here next.'),
            new Askable('seat.tether_forward_required',              Station::Place,    AnswerKind::YesNo,       'Tether required', 'Does the maker require the tether for forward riding?', self::YES_NO),
            new Askable('seat.tether_rear',                          Station::Place,    AnswerKind::Choice,      'Tether rear-facing', 'What does the maker say of a tether rear-facing?', ['required' => 'Required', 'allowed' => 'Allowed', 'forbidden' => 'Forbidden']),
            new Askable('setup.held_by',                             Station::Secure,   AnswerKind::Choice,      'Held by', 'What holds the seat to the car?', ['belt' => 'Belt', 'lower_anchors' => 'Lower anchors', 'both' => 'Both', 'nothing' => 'Nothing']),
            new Askable('setup.belt_path',                           Station::Secure,   AnswerKind::Choice,      'Belt path', 'Which path does the webbing go through?', ['rear' => 'Under the legs (rear-facing)', 'forward' => 'Behind the back (forward)']),
            new Askable('setup.webbing',                             Station::Secure,   AnswerKind::Choice,      'Webbing', 'Which part of the belt goes through?', ['both' => 'Lap and shoulder', 'lap' => 'Lap only']),
            new Askable('setup.lock',                                Station::Secure,   AnswerKind::Choices,     'Locked by', 'What fixes the length of the belt?', ['retractor' => 'Retractor', 'latch_plate' => 'Latch plate', 'lockoff' => 'Lock-off', 'clamp_door' => 'Clamp door', 'clip' => 'Locking clip'], 'Press "None of these" when nothing does.'),
            new Askable('seat.lockoff',                              Station::Secure,   AnswerKind::YesNo,       'Has a lock-off', 'Has the seat a lock-off?', self::YES_NO),
            new Askable('seat.clamp_door',                         Station::Secure,   AnswerKind::YesNo,       'Has a clamp door', 'Has the seat a clamp door?', self::YES_NO),
            new Askable('seat.lockoff_on',                           Station::Secure,   AnswerKind::Choice,      'Lock-off sits on', 'Where does the lock-off or clamp door sit?', ['shell' => 'Shell', 'base' => 'Base', 'both' => 'Both']),
            new Askable('seat.lock_retractor_too',               Station::Secure,   AnswerKind::Choice,      'Retractor too', 'With its lock-off or door: what does the maker say of the retractor?', self::LEAVE),
            new Askable('seat.detachable',                       Station::Secure,   AnswerKind::YesNo,       'Lifts off a base', 'Does the shell lift off a base?', self::YES_NO, 'A shell that only turns on its base does not.'),
            new Askable('seat.turns',                                Station::Secure,   AnswerKind::YesNo,       'Turns on its base', 'Does the shell turn on its base?', self::YES_NO),
            new Askable('setup.lockoff_used',                        Station::Secure,   AnswerKind::Choice,      'Lock-off side', 'Which lock-off is closed?', ['buckle_side' => 'Buckle side', 'shoulder_side' => 'Shoulder side', 'both' => 'Both']),
            new Askable('setup.clamp_door_closed',                 Station::Secure,   AnswerKind::YesNo,       'Door closed', 'Is the clamp door fully closed?', self::YES_NO),
            new Askable('setup.clip_distance',                       Station::Secure,   AnswerKind::Length,      'Clip distance', 'How far is the locking clip from the latch plate?'),
            new Askable('setup.clip_prongs',                         Station::Secure,   AnswerKind::Choice,      'Clip prongs', 'How many prongs of the clip are on the webbing?', ['4' => 'All four', '3' => 'Three', '2' => 'Two', '1' => 'One', '0' => 'None']),
            new Askable('setup.buckle_turns',                        Station::Secure,   AnswerKind::Whole,       'Buckle turns', 'How many turns has the buckle stalk?'),
            new Askable('setup.buckle_in_path',                      Station::Secure,   AnswerKind::YesNo,       'Buckle in path', 'Does the buckle ride up into the belt path?', self::YES_NO),
            new Askable('vehicle.buckle_turns_ok',                   Station::Secure,   AnswerKind::YesNo,       'Turning allowed', 'Does the vehicle allow turning the buckle stalk?', self::YES_NO),
            new Askable('setup.twisted',                             Station::Secure,   AnswerKind::YesNo,       'Webbing', 'Is the webbing in the path twisted or folded?', ['yes' => 'Twisted', 'no' => 'Flat']),
            new Askable('setup.belt_in_guides',                  Station::Secure,   AnswerKind::YesNo,       'In the guides', 'Does the belt lie in the seat\'s guides and moulded lines?', self::YES_NO),
            new Askable('setup.strap_trapped',                   Station::Secure,   AnswerKind::YesNo,       'Strap caught', 'Is a strap of the seat caught under belt, door or cover?', self::YES_NO),
            new Askable('setup.anchor_designated',                   Station::Secure,   AnswerKind::YesNo,       'On real anchors', 'Are both hooks on designated lower anchors?', self::YES_NO),
            new Askable('setup.anchors_borrowed',                    Station::Secure,   AnswerKind::YesNo,       'Borrowed bars', 'Are the bars borrowed from two neighbouring places?', self::YES_NO),
            new Askable('setup.hook_right_way_up',                   Station::Secure,   AnswerKind::YesNo,       'Hooks', 'Are the hooks the way up their maker shows?', self::YES_NO),
            new Askable('setup.anchor_tail_loose',               Station::Secure,   AnswerKind::YesNo,       'Anchor strap end', 'Does the free end of an anchor strap lie loose in the seat?', self::YES_NO),
            new Askable('setup.unused_straps_stowed',            Station::Secure,   AnswerKind::YesNo,       'Unused straps', 'Are the straps that are not used stored away?', self::YES_NO),
            new Askable('setup.empty_booster_buckled',           Station::Secure,   AnswerKind::YesNo,       'Empty booster', 'Is the booster buckled while it rides empty?', self::YES_NO),
            new Askable('seat.clip_distance_max',                Station::Secure,   AnswerKind::Length,      'Clip, at most', 'How far may the clip be from the latch plate, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('setup.tether.anchor_designated',            Station::Secure,   AnswerKind::YesNo,       'Tether on its anchor', 'Is the tether on a real tether anchor?', self::YES_NO),
            new Askable('setup.tether.hook_right_way_up',        Station::Secure,   AnswerKind::YesNo,       'Tether hook', 'Is the tether hook the way up its maker shows?', self::YES_NO),
            new Askable('setup.shell_locked',                        Station::Secure,   AnswerKind::YesNo,       'Shell locked', 'Is the shell locked on its base, with every indicator right?', self::YES_NO),
            new Askable('setup.base',                                Station::Secure,   AnswerKind::Choice,      'Base', 'Is the base used?', ['used' => 'Used', 'none' => 'Without base']),
            new Askable('seat.baseless',                             Station::Secure,   AnswerKind::Choice,      'Without base', 'May the shell be belted without its base?', ['allowed' => 'Allowed', 'forbidden' => 'Forbidden']),
            new Askable('seat.belt_and_anchors_ok',                  Station::Secure,   AnswerKind::YesNo,       'Seat\'s maker allow belt and anchors together', 'Does the seat\'s maker allow belt and anchors together?', self::YES_NO),
            new Askable('vehicle.belt_and_anchors_ok',               Station::Secure,   AnswerKind::YesNo,       'Vehicle allow belt and anchors together', 'Does the vehicle allow belt and anchors together?', self::YES_NO),
            new Askable('seat.borrow_anchors_ok',                    Station::Secure,   AnswerKind::YesNo,       'Seat\'s maker allow borrowed anchors', 'Does the seat\'s maker allow borrowed anchors?', self::YES_NO),
            new Askable('vehicle.borrow_anchors_ok',                 Station::Secure,   AnswerKind::YesNo,       'Vehicle allow borrowed anchors', 'Does the vehicle allow borrowed anchors?', self::YES_NO),
            new Askable('seat.inflatable_belt_ok',                   Station::Secure,   AnswerKind::YesNo,       'Seat\'s maker allow an inflatable belt', 'Does the seat\'s maker allow an inflatable belt?', self::YES_NO),
            new Askable('seat.lower_anchor_child_max',               Station::Secure,   AnswerKind::Mass,        'Anchors: child up to', 'Up to which child weight may the lower anchors hold this seat?'),
            new Askable('seat.weight',                               Station::Secure,   AnswerKind::Mass,        'Seat weighs', 'What does the seat itself weigh?'),
            new Askable('setup.movement.at_belt_path',               Station::Measure,  AnswerKind::YesNo,       'Tried at', 'Was the movement tried at the belt path?', ['yes' => 'At the belt path', 'no' => 'Elsewhere'], 'Where belt or anchor strap goes through the seat, with your weaker hand.'),
            new Askable('setup.movement.side',                       Station::Measure,  AnswerKind::Length,      'Side to side', 'How far does it move side to side?'),
            new Askable('setup.movement.front',                      Station::Measure,  AnswerKind::Length,      'Front to back', 'How far does it move front to back?'),
            new Askable('setup.movement.up',                         Station::Measure,  AnswerKind::Length,      'Up and down', 'How far does it move up and down?'),
            new Askable('setup.movement.side_felt',                  Station::Measure,  AnswerKind::Choice,      'Side to side, by feel', 'By hand, side to side: how much against the limit?', self::FELT),
            new Askable('setup.movement.front_felt',                 Station::Measure,  AnswerKind::Choice,      'Front to back, by feel', 'By hand, front to back: how much against the limit?', self::FELT),
            new Askable('setup.movement.up_felt',                    Station::Measure,  AnswerKind::Choice,      'Up and down, by feel', 'By hand, up and down: how much against the limit?', self::FELT),
            new Askable('setup.movement.tether_loose',               Station::Measure,  AnswerKind::YesNo,       'Tether while tried', 'Was the tether loose while the movement was tried?', ['yes' => 'Loose', 'no' => 'Tight'], 'A tight tether can hide a loose seat.'),
            new Askable('setup.tips',                                Station::Measure,  AnswerKind::Choice,      'Tips', 'Does the seat tip when it is tightened?', ['no' => 'No', 'sideways' => 'Sideways', 'backward' => 'Backward']),
            new Askable('seat.movement_max',                     Station::Measure,  AnswerKind::Length,      'Movement, at most', 'How far may it move at the belt path, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('setup.level_ground',                        Station::Measure,  AnswerKind::YesNo,       'Ground', 'Does the car stand on level ground?', ['yes' => 'Level', 'no' => 'Sloping']),
            new Askable('setup.indicator',                           Station::Measure,  AnswerKind::Choice,      'Indicator', 'What does the recline indicator show?', ['too_upright' => 'Too upright', 'in' => 'In its zone', 'too_flat' => 'Too flat']),
            new Askable('setup.angle',                               Station::Measure,  AnswerKind::Angle,       'Angle', 'Which angle has the back of the shell?', [], 'From the vertical.'),
            new Askable('setup.angle_from',                      Station::Measure,  AnswerKind::Choice,      'Gauge counts from', 'From where does the gauge count?', ['vertical' => 'The vertical', 'horizontal' => 'The horizontal']),
            new Askable('seat.modes.*.angle_min',                Station::Measure,  AnswerKind::Angle,       'Least angle', 'Which angle from the vertical is the least, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('seat.modes.*.angle_max',                Station::Measure,  AnswerKind::Angle,       'Greatest angle', 'Which angle from the vertical is the greatest, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('setup.zone',                                Station::Measure,  AnswerKind::Choice,      'Indicator zone', 'In which zone does the indicator stand?', AskedOf::zones(...)),
            new Askable('setup.recline_setting',                     Station::Measure,  AnswerKind::Choice,      'Recline setting', 'Which recline setting?', AskedOf::recline(...)),
            new Askable('setup.foot',                                Station::Measure,  AnswerKind::Text,        'Foot', 'In which position is the foot of the base?'),
            new Askable('setup.overhang',                            Station::Measure,  AnswerKind::Length,      'Overhang', 'How far does the base hang over the cushion\'s edge?'),
            new Askable('setup.base_on_cushion',                     Station::Measure,  AnswerKind::Share,       'Base on cushion', 'How much of the base stands on the cushion, in per cent?'),
            new Askable('seat.overhang_max',                     Station::Measure,  AnswerKind::Length,      'Overhang, at most', 'How far may the base hang over, by the seat\'s manual?', [], 'From the label or the manual of this seat.'),
            new Askable('setup.tether.used',                         Station::Measure,  AnswerKind::YesNo,       'Tether', 'Is the tether hooked on?', ['yes' => 'Hooked on', 'no' => 'Not used']),
            new Askable('setup.tether.slack',                        Station::Measure,  AnswerKind::YesNo,       'Tether slack', 'Is there slack in the tether?', self::YES_NO),
            new Askable('setup.tether.overtight',                    Station::Measure,  AnswerKind::YesNo,       'Tether overtight', 'Is the tether drawn so hard that the seat shifts?', self::YES_NO),
            new Askable('setup.tether.twisted',                  Station::Measure,  AnswerKind::YesNo,       'Tether twist', 'Is the tether twisted?', self::YES_NO),
            new Askable('setup.tether.routed',                       Station::Measure,  AnswerKind::YesNo,       'Tether route', 'Does the tether run as the vehicle shows?', self::YES_NO),
            new Askable('setup.parts_fitted',                        Station::Measure,  AnswerKind::Choices,     'Parts on', 'Which of these parts are on?', AskedOf::parts(...)),
            new Askable('setup.side_pod',                            Station::Measure,  AnswerKind::Choice,      'Side pods', 'Which side pods are out?', ['door_side' => 'Door side', 'both' => 'Both', 'none' => 'None']),
            new Askable('setup.wedge',                               Station::Measure,  AnswerKind::Choice,      'Under the seat', 'Is something under the seat?', ['none' => 'Nothing', 'noodle' => 'Noodle', 'towel' => 'Towel']),
            new Askable('setup.wedge_count',                         Station::Measure,  AnswerKind::Whole,       'How many under it', 'How many noodles or towels lie under the seat?'),
            new Askable('seat.wedge_ok',                             Station::Measure,  AnswerKind::YesNo,       'Wedge allowed', 'Does the maker allow a noodle or towel?', self::YES_NO),
            new Askable('seat.base_length',                      Station::Measure,  AnswerKind::Length,      'Base length', 'How long is the part of the base that rests on the cushion?'),
            new Askable('setup.harness.buckled',                     Station::Buckle,   AnswerKind::YesNo,       'Buckle', 'Are the tongues clicked in?', self::YES_NO),
            new Askable('setup.harness.slot',                        Station::Buckle,   AnswerKind::Choice,      'Slot in use', 'Which slot do the straps come from, counted from the lowest?', AskedOf::slots(...)),
            new Askable('setup.harness.strap',                       Station::Buckle,   AnswerKind::Choice,      'Strap at shoulder', 'Where does the strap leave the seat?', ['below' => 'Below the shoulder', 'at' => 'At the shoulder', 'above' => 'Above the shoulder']),
            new Askable('setup.harness.strap_offset',                Station::Buckle,   AnswerKind::Length,      'Strap offset', 'How far above the shoulder is the strap? Below counts as minus.'),
            new Askable('seat.strap_rule_rear',                  Station::Buckle,   AnswerKind::Choice,      'Its rule, rear-facing', 'Where must the straps leave the seat rear-facing, by its manual?', self::STRAPS),
            new Askable('seat.strap_rule_forward',               Station::Buckle,   AnswerKind::Choice,      'Its rule, forward', 'Where must the straps leave the seat forward-facing, by its manual?', self::STRAPS),
            new Askable('seat.slots',                                Station::Buckle,   AnswerKind::Heights,     'Slots', 'How high above the cushion are the harness slots?', [], 'One height a line, the lowest first.'),
            new Askable('seat.slots.*.height',                       Station::Buckle,   AnswerKind::Length,      'Slot height', 'How high is this slot above the cushion?'),
            new Askable('setup.harness.tightness.test',              Station::Buckle,   AnswerKind::Choice,      'Test done', 'Which test was done at the shoulder?', ['pinch' => 'Pinch', 'finger' => 'One finger']),
            new Askable('setup.harness.tightness.passes',            Station::Buckle,   AnswerKind::YesNo,       'Test', 'Does the tightness test pass?', ['yes' => 'Passes', 'no' => 'Fails'], 'Pinch: nothing stays between the fingers. One finger: one goes in, two do not.'),
            new Askable('seat.tightness_test',                   Station::Buckle,   AnswerKind::Choice,      'Its test', 'Which test does the seat\'s manual name?', ['pinch' => 'Pinch', 'finger' => 'One finger']),
            new Askable('setup.harness.clip',                        Station::Buckle,   AnswerKind::Choice,      'Chest clip', 'Where is the chest clip?', ['high' => 'Too high', 'armpit' => 'At the armpits', 'low' => 'Too low', 'none' => 'Undone']),
            new Askable('seat.chest_clip',                           Station::Buckle,   AnswerKind::YesNo,       'Has a chest clip', 'Has this seat a chest clip?', self::YES_NO),
            new Askable('setup.harness.crotch.under_child',          Station::Buckle,   AnswerKind::YesNo,       'Crotch strap', 'Is the crotch strap under the child?', self::YES_NO),
            new Askable('setup.harness.crotch.slot',                 Station::Buckle,   AnswerKind::Choice,      'Crotch slot', 'Which crotch slot is used, counted from the back?', AskedOf::crotch(...)),
            new Askable('setup.harness.crotch.nearest_clear',    Station::Buckle,   AnswerKind::YesNo,       'Nearest crotch slot', 'Is it the nearest allowed slot that is clear of the child?', self::YES_NO),
            new Askable('setup.harness.too_tight',                   Station::Buckle,   AnswerKind::YesNo,       'Too tight', 'Do the straps press into the skin?', self::YES_NO),
            new Askable('setup.harness.twisted',                     Station::Buckle,   AnswerKind::YesNo,       'Straps', 'Is a harness strap twisted?', self::YES_NO),
            new Askable('setup.harness.slouch',                      Station::Buckle,   AnswerKind::YesNo,       'Sitting', 'Are bottom or back away from the seat?', self::YES_NO),
            new Askable('setup.harness.coat',                        Station::Buckle,   AnswerKind::YesNo,       'Coat', 'Is a bulky coat under the harness?', self::YES_NO),
            new Askable('setup.harness.padding',                     Station::Buckle,   AnswerKind::YesNo,       'Padding', 'Is anything behind or beneath the child that the maker did not supply?', self::YES_NO),
            new Askable('setup.harness.insert',                  Station::Buckle,   AnswerKind::Choice,      'Insert', 'Which of the maker\'s inserts is in the seat?', AskedOf::inserts(...)),
            new Askable('setup.harness.head_support_ok',             Station::Buckle,   AnswerKind::YesNo,       'Head support', 'Is the head support just above the shoulders?', self::YES_NO),
            new Askable('setup.harness.hips_snug',                   Station::Buckle,   AnswerKind::YesNo,       'Hips', 'Is the harness snug at the hips?', self::YES_NO),
            new Askable('setup.harness.tail_loose',                  Station::Buckle,   AnswerKind::YesNo,       'Strap end', 'Does the free end of the strap lie loose?', self::YES_NO),
            new Askable('setup.booster.lap',                         Station::Buckle,   AnswerKind::Choice,      'Lap part', 'Where does the lap part lie?', ['thighs' => 'On the thighs', 'belly' => 'On the belly']),
            new Askable('setup.booster.shoulder',                    Station::Buckle,   AnswerKind::Choice,      'Shoulder part', 'Where does the shoulder part lie?', ['neck' => 'At the neck', 'mid_chest' => 'Mid-chest', 'off_shoulder' => 'Off the shoulder']),
            new Askable('setup.booster.under_arm',                   Station::Buckle,   AnswerKind::YesNo,       'Under the arm', 'Is the shoulder part under the arm or behind the back?', self::YES_NO),
            new Askable('setup.booster.guides_ok',                   Station::Buckle,   AnswerKind::YesNo,       'Guides', 'Does the belt run through its guides, on the buckle side both parts under?', self::YES_NO),
            new Askable('setup.booster.guides_missed',               Station::Buckle,   AnswerKind::Choices,     'Guides missed', 'Which guides does the belt miss?', ['lap_buckle_side' => 'Arm rest, buckle side', 'lap_door_side' => 'Arm rest, door side', 'shoulder' => 'Shoulder guide']),
            new Askable('setup.booster.slouch',                      Station::Buckle,   AnswerKind::YesNo,       'Sits away from the back', 'Are bottom or back away from the back?', self::YES_NO),
            new Askable('setup.booster.slack',                       Station::Buckle,   AnswerKind::YesNo,       'Shoulder part loose', 'Does the shoulder part hang loose on the chest?', self::YES_NO),
            new Askable('setup.booster.head_support_ok',             Station::Buckle,   AnswerKind::YesNo,       'Head part', 'Is the head part raised so that its guide is at the shoulder?', self::YES_NO),
            new Askable('setup.booster.ears_above',                  Station::Buckle,   AnswerKind::YesNo,       'Ears', 'Are the ears above the top of the back or head restraint?', self::YES_NO),
            new Askable('setup.booster.belt_locked',                 Station::Buckle,   AnswerKind::YesNo,       'Belt locked', 'Is the belt locked over the child?', self::YES_NO),
            new Askable('handover',                                  Station::Handover, AnswerKind::Elsewhere,   'Handover', 'Has the family done it itself, and who signs?', [], 'Ask whether the family has shown it back, then sign.'),
            new Askable('handover.shown_back',                       Station::Handover, AnswerKind::YesNo,       'Shown back', 'Has the family done it themselves and shown it back?', self::YES_NO),
            new Askable('handover.technician',                       Station::Handover, AnswerKind::Signature,   'Technician', 'Who worked here?'),
            new Askable('handover.technician.certified_until',       Station::Handover, AnswerKind::Date,        'Technician certified until', 'Until when is the technician certified?', [], 'As the certification card says.'),
            new Askable('handover.checker',                          Station::Handover, AnswerKind::Signature,   'Second signer', 'Who looked a second time?', [], 'Somebody other than the technician.'),
            new Askable('handover.checker.certified_until',          Station::Handover, AnswerKind::Date,        'Second signer certified until', 'Until when is the second signer certified?', [], 'As the certification card says.'),
        ];
    }
}
