<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

/** What a fact is called where it is listed, the whole question with the labels of its answers, and what a seat's manual calls it. */
final readonly class FactWords
{
    /**
     * By path.
     *
     * @var array<string, array{
     *     short?: string, question?: string, hint?: string, answers?: array<array-key, string>, manual?: string,
     * }>
     */
    public const OF = [
        // Label
        'seat.label_readable' => [
            'short' => 'Label',
            'question' => 'Can maker, model and date be read on the label?',
            'hint' => 'Labels stand on two sides of the shell, and under the cover or base.',
            'answers' => ['yes' => 'Readable', 'no' => 'Not readable'],
        ],
        'seat.maker' => ['short' => 'Maker', 'question' => 'Who made the seat?', 'manual' => 'Maker'],
        'seat.model' => [
            'short' => 'Model number',
            'question' => 'Which model number stands on the label?',
            'hint' => 'The number, not the trade name: seats of nearly one name differ.',
            'manual' => 'Model number',
        ],
        'seat.serial' => ['short' => 'Serial', 'question' => 'Which serial number stands on the label?'],
        'seat.made_on' => [
            'short' => 'Made',
            'question' => 'When was the seat made?',
            'hint' => 'As far as the label says: 2021, 2021-03 or 2021-03-14.',
        ],
        'seat.use_until' => [
            'short' => 'Do not use after',
            'question' => 'Is there a "do not use after" stamp?',
            'hint' => 'As far as it says: 2030, 2030-03 or 2030-03-14. The stamp names the last day.',
        ],
        'seat.life_years' => [
            'short' => 'Useful life, years',
            'question' => 'For how many years from its make date may the seat be used?',
            'hint' => 'From the label or the manual. Never assume it.',
            'manual' => 'Useful life, years',
        ],
        'seat.standards' => [
            'short' => 'Standards',
            'question' => 'Which standards does the label claim?',
            'answers' => ['fmvss213' => 'FMVSS 213', 'asnzs1754' => 'AS/NZS 1754', 'ecer44' => 'ECE R44', 'ecer129' => 'ECE R129'],
            'manual' => 'Standards on the label',
        ],
        'seat.aircraft_certified' => [
            'short' => 'Certified for aircraft',
            'question' => 'Does the label say that it is certified for aircraft?',
            'hint' => 'In words like: certified for use in motor vehicles and aircraft.',
        ],
        'seat.registered' => ['short' => 'Registered', 'question' => 'Is the seat registered with its maker?'],
        'seat.remedied' => [
            'short' => 'Recalls put right',
            'question' => 'Which recalls are shown as put right on this seat?',
            'hint' => 'One campaign number a line.',
        ],
        'recall_list' => [
            'short' => 'Recall list',
            'question' => 'Which recall list does the day use?',
            'hint' => 'No recall list is loaded for this day. Ask the coordinator.',
        ],
        'recall_list.dated' => [
            'short' => 'Recall list',
            'question' => 'Which recall list does the day use?',
            'hint' => 'The recall list has no date or no content. Ask the coordinator.',
        ],
        'recall_list.campaigns' => [
            'short' => 'Recall list',
            'question' => 'Which recall list does the day use?',
            'hint' => 'The recall list has no date or no content. Ask the coordinator.',
        ],
        'seat' => ['short' => 'Seat', 'question' => 'Which seat is it?', 'hint' => 'Choose the seat when the family arrives.'],

        // History
        'seat.history.known' => [
            'short' => 'Past',
            'question' => 'Is the seat\'s past known?',
            'hint' => 'New, or from somebody who can vouch for it.',
            'answers' => ['yes' => 'Known', 'no' => 'Nobody knows'],
        ],
        'seat.history.crash' => ['short' => 'Crash', 'question' => 'Was the seat ever in a crash?'],
        'seat.replace_after_crash' => [
            'short' => 'Maker on crashes',
            'question' => 'What does the seat\'s maker say about crashes?',
            'hint' => 'From the seat\'s manual.',
            'answers' => ['any' => 'Replace after any crash', 'as_policy' => 'Nothing more'],
            'manual' => 'After a crash',
        ],
        'seat.history.crash_points.drove_away' => ['short' => 'Drove away', 'question' => 'Could the car be driven away?'],
        'seat.history.crash_points.near_door_sound' => ['short' => 'Door sound', 'question' => 'Was the door nearest the seat undamaged?'],
        'seat.history.crash_points.nobody_hurt' => ['short' => 'Nobody hurt', 'question' => 'Was everybody in the car unhurt?'],
        'seat.history.crash_points.no_airbag' => ['short' => 'No airbag', 'question' => 'Did every airbag stay closed?'],
        'seat.history.crash_points.seat_sound' => ['short' => 'Seat sound', 'question' => 'Is the seat without visible damage?'],
        'seat.history.damage' => [
            'short' => 'Damage',
            'question' => 'Is anything cracked, bent, frayed, cut or not holding?',
            'hint' => 'One thing a line, or "Nothing".',
        ],
        'seat.history.altered' => ['short' => 'Altered', 'question' => 'Was the seat repaired or altered at home?'],
        'seat.history.parts_missing' => ['short' => 'Missing parts', 'question' => 'Is a part missing?'],
        'seat.history.parts_missing.*.essential' => [
            'short' => 'Essential',
            'question' => 'Is the missing part essential?',
            'hint' => 'A part that carries load or holds the child.',
        ],
        'seat.history.extras' => [
            'short' => 'Extras',
            'question' => 'Is anything on the seat that did not come with it?',
            'hint' => 'Strap covers, head pads, mats, mirrors, toys, covers behind the child.',
        ],
        'seat.inserts' => [
            'short' => 'Inserts',
            'question' => 'Which inserts does the seat have?',
            'hint' => 'Enter the seat\'s inserts with their weights under Seats.',
        ],
        'seat.history.extras.*.approved' => [
            'short' => 'Approved',
            'question' => 'Came the extra in the box, or does the seat\'s maker name it?',
        ],

        // Child
        'child.born_on' => ['short' => 'Birth date', 'question' => 'When was the child born?'],
        'child.weight' => ['short' => 'Weight', 'question' => 'What does the child weigh?'],
        'child.height' => ['short' => 'Height', 'question' => 'How tall is the child?'],
        'child.shoulder_height' => [
            'short' => 'Shoulder height',
            'question' => 'How high is the shoulder above the seat cushion, sitting?',
        ],
        'child.sex' => ['short' => 'Growth chart', 'question' => 'Which growth chart?', 'answers' => ['f' => 'Girls', 'm' => 'Boys']],
        'child.sits_unaided' => ['short' => 'Sits unaided', 'question' => 'Does the child sit unaided?'],
        'child.special_needs' => ['short' => 'Medical needs', 'question' => 'Does the child have medical or positioning needs?'],
        'setup.mode' => [
            'short' => 'Way of riding',
            'question' => 'How does the child ride?',
            'answers' => [
                'rear_harness' => 'Rear-facing',
                'forward_harness' => 'Forward, harness',
                'high_back_booster' => 'High-back booster',
                'backless_booster' => 'Backless booster',
                'belt_only' => 'Belt alone',
            ],
        ],
        'seat.modes' => [
            'short' => 'Seat\'s modes',
            'question' => 'What is the seat made for?',
            'hint' => 'Find its model in the catalogue, at the station Label; or enter the model under Seats from its manual.',
        ],
        'seat.modes.*.weight_min' => [
            'short' => 'Least weight',
            'question' => 'Least weight for this mode, as the seat\'s label says?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Child weighs at least',
        ],
        'seat.modes.*.weight_max' => [
            'short' => 'Greatest weight',
            'question' => 'Greatest weight for this mode, as the seat\'s label says?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Child weighs at most',
        ],
        'seat.modes.*.height_min' => [
            'short' => 'Least height',
            'question' => 'Least height for this mode, as the seat\'s label says?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Child is at least',
        ],
        'seat.modes.*.height_max' => [
            'short' => 'Greatest height',
            'question' => 'Greatest height for this mode, as the seat\'s label says?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Child is at most',
        ],
        'seat.modes.*.anchors_allowed' => [
            'short' => 'Booster on anchors',
            'question' => 'Does the maker allow this booster on the lower anchors?',
            'manual' => 'Booster on the lower anchors',
        ],
        'setup.head_to_shell_top' => ['short' => 'Shell above the head', 'question' => 'How much shell is there above the head?'],
        'seat.modes.*.head_clearance_min' => [
            'short' => 'Shell above the head, at least',
            'question' => 'How much shell must be above the head, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Shell above the head, at least',
        ],
        'setup.ears_above' => ['short' => 'Ears', 'question' => 'Are the tops of the ears above the shell or head rest?'],
        'setup.marker' => [
            'short' => 'Shoulder marker',
            'question' => 'Where is the shoulder against the seat\'s markers?',
            'answers' => ['below' => 'Below', 'in' => 'Between', 'above' => 'Above'],
        ],
        'setup.belt_fit.back' => ['short' => 'Does the back rest against the seat', 'question' => 'Does the back rest against the seat?'],
        'setup.belt_fit.knees' => [
            'short' => 'Do the knees bend at the seat\'s edge',
            'question' => 'Do the knees bend at the seat\'s edge?',
        ],
        'setup.belt_fit.lap' => ['short' => 'Does the lap part lie on the thighs', 'question' => 'Does the lap part lie on the thighs?'],
        'setup.belt_fit.shoulder' => [
            'short' => 'Does the shoulder part cross mid-chest',
            'question' => 'Does the shoulder part cross mid-chest?',
        ],
        'setup.belt_fit.stays' => [
            'short' => 'Can the child stay so for the whole ride',
            'question' => 'Can the child stay so for the whole ride?',
        ],

        // Place
        'vehicle' => ['short' => 'Car', 'question' => 'Which car is it?', 'hint' => 'Enter the car when the family arrives.'],
        'setup' => ['short' => 'Set-up', 'question' => 'How is the seat set up?', 'hint' => 'Choose how the child rides and where.'],
        'setup.position' => ['short' => 'Place', 'question' => 'Where in the car?'],
        'vehicle.positions.*.taken' => ['short' => 'Taken', 'question' => 'Has somebody or something else this place?'],
        'vehicle.positions.*.side_facing' => ['short' => 'Side-facing', 'question' => 'Does the vehicle seat face sideways?'],
        'vehicle.positions.*.airbag' => ['short' => 'Airbag ahead', 'question' => 'Is there an active airbag in front of this place?'],
        'vehicle.positions.*.tether_anchor' => [
            'short' => 'Tether anchor',
            'question' => 'Is there a tether anchor for this place?',
            'hint' => 'Behind the seat back, on the shelf, floor, boot or roof.',
        ],
        'vehicle.positions.*.lower_anchors' => [
            'short' => 'Lower anchors',
            'question' => 'Are there lower anchors at this place?',
            'hint' => 'They hide in the crease: look for a button, a symbol, a dot.',
        ],
        'vehicle.positions.*.belt' => [
            'short' => 'Belt',
            'question' => 'Which belt is here?',
            'answers' => ['lap_shoulder' => 'Lap and shoulder', 'lap' => 'Lap only', 'none' => 'None'],
        ],
        'vehicle.positions.*.retractor' => [
            'short' => 'Retractor',
            'question' => 'What does the retractor do? Pull slowly to the very end and let it back.',
            'answers' => [
                'switchable' => 'Ratchets, then refuses',
                'alr' => 'Refuses after a short pull',
                'elr' => 'Stops only on a tug',
                'none' => 'There is none',
            ],
        ],
        'vehicle.positions.*.latch_plate' => [
            'short' => 'Latch plate',
            'question' => 'Slide the webbing through the latch plate: what does it do?',
            'answers' => [
                'sliding' => 'Slides free',
                'locking' => 'Grips when pulled up',
                'switch' => 'Has a lever or button',
                'sewn' => 'Stitched on',
            ],
        ],
        'vehicle.positions.*.tether_anchor_at' => [
            'short' => 'Tether anchor is',
            'question' => 'Where is the tether anchor?',
            'hint' => 'Told to the family on the card.',
            'answers' => [
                'seat_back' => 'Behind the seat back',
                'shelf' => 'On the shelf',
                'floor' => 'On the floor',
                'roof' => 'In the roof',
                'boot' => 'In the boot',
                'wall' => 'On the wall',
            ],
        ],
        'vehicle.positions.*.width' => [
            'short' => 'Usable width',
            'question' => 'How wide is this place?',
            'hint' => 'Between what bounds it on either side, at the height of a seat.',
        ],
        'seat.width' => ['short' => 'Seat width', 'question' => 'How wide is the seat at its widest?', 'manual' => 'Greatest width'],
        'vehicle.positions.*.inflatable_belt' => [
            'short' => 'Inflatable belt',
            'question' => 'Is the belt inflatable?',
            'hint' => 'Thicker webbing, marked at the plate.',
        ],
        'setup.front_contact' => [
            'short' => 'Seat ahead',
            'question' => 'How does it meet the vehicle seat ahead?',
            'answers' => ['none' => 'Gap', 'touch' => 'Light touch', 'pressed' => 'Pressed hard'],
        ],
        'setup.handle' => ['short' => 'Handle', 'question' => 'Where is the carrying handle?'],
        'setup.vehicle_back_upright' => ['short' => 'Vehicle back', 'question' => 'Is the vehicle seat back upright?'],
        'setup.touches_vehicle_back' => ['short' => 'Touches back', 'question' => 'Does the seat touch the vehicle seat back?'],
        'setup.head_restraint_pushes' => ['short' => 'Head restraint', 'question' => 'Does the vehicle head restraint push the seat away?'],
        'setup.head_restraint' => [
            'short' => 'Head restraint is',
            'question' => 'What was done to the vehicle head restraint?',
            'hint' => 'A restraint that is off is put back for whoever sits here next.',
            'answers' => ['in_place' => 'In its place', 'raised' => 'Raised', 'removed' => 'Taken off'],
        ],
        'seat.tether_forward_required' => [
            'short' => 'Tether required',
            'question' => 'Does the maker require the tether for forward riding?',
            'manual' => 'Tether needed forward-facing',
        ],
        'seat.tether_rear' => [
            'short' => 'Tether rear-facing',
            'question' => 'What does the maker say of a tether rear-facing?',
            'answers' => ['required' => 'Required', 'allowed' => 'Allowed', 'forbidden' => 'Forbidden'],
            'manual' => 'Tether rear-facing',
        ],

        // Secure
        'setup.held_by' => [
            'short' => 'Held by',
            'question' => 'What holds the seat to the car?',
            'answers' => ['belt' => 'Belt', 'lower_anchors' => 'Lower anchors', 'both' => 'Both', 'nothing' => 'Nothing'],
        ],
        'setup.belt_path' => [
            'short' => 'Belt path',
            'question' => 'Which path does the webbing go through?',
            'answers' => ['rear' => 'Under the legs (rear-facing)', 'forward' => 'Behind the back (forward)'],
        ],
        'setup.webbing' => [
            'short' => 'Webbing',
            'question' => 'Which part of the belt goes through?',
            'answers' => ['both' => 'Lap and shoulder', 'lap' => 'Lap only'],
        ],
        'setup.lock' => [
            'short' => 'Locked by',
            'question' => 'What fixes the length of the belt?',
            'hint' => 'Press "None of these" when nothing does.',
            'answers' => [
                'retractor' => 'Retractor',
                'latch_plate' => 'Latch plate',
                'lockoff' => 'Lock-off',
                'clamp_door' => 'Clamp door',
                'clip' => 'Locking clip',
            ],
        ],
        'seat.lockoff' => ['short' => 'Has a lock-off', 'question' => 'Has the seat a lock-off?', 'manual' => 'Has a lock-off'],
        'seat.clamp_door' => ['short' => 'Has a clamp door', 'question' => 'Has the seat a clamp door?', 'manual' => 'Has a clamp door'],
        'seat.lockoff_on' => [
            'short' => 'Lock-off sits on',
            'question' => 'Where does the lock-off or clamp door sit?',
            'answers' => ['shell' => 'Shell', 'base' => 'Base', 'both' => 'Both'],
        ],
        'seat.lock_retractor_too' => [
            'short' => 'Retractor too',
            'question' => 'With its lock-off or door: what does the maker say of the retractor?',
            'answers' => ['required' => 'Required', 'allowed' => 'Allowed', 'forbidden' => 'Forbidden'],
            'manual' => 'Retractor locked as well',
        ],
        'seat.detachable' => [
            'short' => 'Lifts off a base',
            'question' => 'Does the shell lift off a base?',
            'hint' => 'A shell that only turns on its base does not.',
            'manual' => 'Shell lifts off, or turns on, its base',
        ],
        'seat.turns' => ['short' => 'Turns on its base', 'question' => 'Does the shell turn on its base?'],
        'setup.lockoff_used' => [
            'short' => 'Lock-off side',
            'question' => 'Which lock-off is closed?',
            'answers' => ['buckle_side' => 'Buckle side', 'shoulder_side' => 'Shoulder side', 'both' => 'Both'],
        ],
        'setup.clamp_door_closed' => ['short' => 'Door closed', 'question' => 'Is the clamp door fully closed?'],
        'setup.clip_distance' => ['short' => 'Clip distance', 'question' => 'How far is the locking clip from the latch plate?'],
        'setup.clip_prongs' => [
            'short' => 'Clip prongs',
            'question' => 'How many prongs of the clip are on the webbing?',
            'answers' => [4 => 'All four', 3 => 'Three', 2 => 'Two', 1 => 'One', 0 => 'None'],
        ],
        'setup.buckle_turns' => ['short' => 'Buckle turns', 'question' => 'How many turns has the buckle stalk?'],
        'setup.buckle_in_path' => ['short' => 'Buckle in path', 'question' => 'Does the buckle ride up into the belt path?'],
        'vehicle.buckle_turns_ok' => ['short' => 'Turning allowed', 'question' => 'Does the vehicle allow turning the buckle stalk?'],
        'setup.twisted' => [
            'short' => 'Webbing',
            'question' => 'Is the webbing in the path twisted or folded?',
            'answers' => ['yes' => 'Twisted', 'no' => 'Flat'],
        ],
        'setup.belt_in_guides' => ['short' => 'In the guides', 'question' => 'Does the belt lie in the seat\'s guides and moulded lines?'],
        'setup.strap_trapped' => ['short' => 'Strap caught', 'question' => 'Is a strap of the seat caught under belt, door or cover?'],
        'setup.anchor_designated' => ['short' => 'On real anchors', 'question' => 'Are both hooks on designated lower anchors?'],
        'setup.anchors_borrowed' => ['short' => 'Borrowed bars', 'question' => 'Are the bars borrowed from two neighbouring places?'],
        'setup.hook_right_way_up' => ['short' => 'Hooks', 'question' => 'Are the hooks the way up their maker shows?'],
        'setup.anchor_tail_loose' => [
            'short' => 'Anchor strap end',
            'question' => 'Does the free end of an anchor strap lie loose in the seat?',
        ],
        'setup.unused_straps_stowed' => ['short' => 'Unused straps', 'question' => 'Are the straps that are not used stored away?'],
        'setup.empty_booster_buckled' => ['short' => 'Empty booster', 'question' => 'Is the booster buckled while it rides empty?'],
        'seat.clip_distance_max' => [
            'short' => 'Clip, at most',
            'question' => 'How far may the clip be from the latch plate, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Locking clip from the latch plate, at most',
        ],
        'setup.tether.anchor_designated' => ['short' => 'Tether on its anchor', 'question' => 'Is the tether on a real tether anchor?'],
        'setup.tether.hook_right_way_up' => ['short' => 'Tether hook', 'question' => 'Is the tether hook the way up its maker shows?'],
        'setup.shell_locked' => ['short' => 'Shell locked', 'question' => 'Is the shell locked on its base, with every indicator right?'],
        'setup.base' => ['short' => 'Base', 'question' => 'Is the base used?', 'answers' => ['used' => 'Used', 'none' => 'Without base']],
        'seat.baseless' => [
            'short' => 'Without base',
            'question' => 'May the shell be belted without its base?',
            'answers' => ['allowed' => 'Allowed', 'forbidden' => 'Forbidden'],
            'manual' => 'Shell without its base',
        ],
        'seat.belt_and_anchors_ok' => [
            'short' => 'Seat\'s maker allow belt and anchors together',
            'question' => 'Does the seat\'s maker allow belt and anchors together?',
            'manual' => 'Belt and lower anchors together',
        ],
        'vehicle.belt_and_anchors_ok' => [
            'short' => 'Vehicle allow belt and anchors together',
            'question' => 'Does the vehicle allow belt and anchors together?',
        ],
        'seat.borrow_anchors_ok' => [
            'short' => 'Seat\'s maker allow borrowed anchors',
            'question' => 'Does the seat\'s maker allow borrowed anchors?',
            'manual' => 'Bars of neighbouring places',
        ],
        'vehicle.borrow_anchors_ok' => [
            'short' => 'Vehicle allow borrowed anchors',
            'question' => 'Does the vehicle allow borrowed anchors?',
        ],
        'seat.inflatable_belt_ok' => [
            'short' => 'Seat\'s maker allow an inflatable belt',
            'question' => 'Does the seat\'s maker allow an inflatable belt?',
            'manual' => 'Inflatable belts',
        ],
        'seat.lower_anchor_child_max' => [
            'short' => 'Anchors: child up to',
            'question' => 'Up to which child weight may the lower anchors hold this seat?',
            'manual' => 'Child on the lower anchors, at most',
        ],
        'seat.weight' => ['short' => 'Seat weighs', 'question' => 'What does the seat itself weigh?', 'manual' => 'Weight of the seat'],

        // Measure
        'setup.movement.at_belt_path' => [
            'short' => 'Tried at',
            'question' => 'Was the movement tried at the belt path?',
            'hint' => 'Where belt or anchor strap goes through the seat, with your weaker hand.',
            'answers' => ['yes' => 'At the belt path', 'no' => 'Elsewhere'],
        ],
        'setup.movement.side' => ['short' => 'Side to side', 'question' => 'How far does it move side to side?'],
        'setup.movement.front' => ['short' => 'Front to back', 'question' => 'How far does it move front to back?'],
        'setup.movement.up' => ['short' => 'Up and down', 'question' => 'How far does it move up and down?'],
        'setup.movement.side_felt' => [
            'short' => 'Side to side, by feel',
            'question' => 'By hand, side to side: how much against the limit?',
            'answers' => ['still' => 'Still', 'within' => 'Within', 'more' => 'More'],
        ],
        'setup.movement.front_felt' => [
            'short' => 'Front to back, by feel',
            'question' => 'By hand, front to back: how much against the limit?',
            'answers' => ['still' => 'Still', 'within' => 'Within', 'more' => 'More'],
        ],
        'setup.movement.up_felt' => [
            'short' => 'Up and down, by feel',
            'question' => 'By hand, up and down: how much against the limit?',
            'answers' => ['still' => 'Still', 'within' => 'Within', 'more' => 'More'],
        ],
        'setup.movement.tether_loose' => [
            'short' => 'Tether while tried',
            'question' => 'Was the tether loose while the movement was tried?',
            'hint' => 'A tight tether can hide a loose seat.',
            'answers' => ['yes' => 'Loose', 'no' => 'Tight'],
        ],
        'setup.tips' => [
            'short' => 'Tips',
            'question' => 'Does the seat tip when it is tightened?',
            'answers' => ['no' => 'No', 'sideways' => 'Sideways', 'backward' => 'Backward'],
        ],
        'seat.movement_max' => [
            'short' => 'Movement, at most',
            'question' => 'How far may it move at the belt path, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Movement, where its manual gives a figure',
        ],
        'setup.level_ground' => [
            'short' => 'Ground',
            'question' => 'Does the car stand on level ground?',
            'answers' => ['yes' => 'Level', 'no' => 'Sloping'],
        ],
        'setup.indicator' => [
            'short' => 'Indicator',
            'question' => 'What does the recline indicator show?',
            'answers' => ['too_upright' => 'Too upright', 'in' => 'In its zone', 'too_flat' => 'Too flat'],
        ],
        'setup.angle' => ['short' => 'Angle', 'question' => 'Which angle has the back of the shell?', 'hint' => 'From the vertical.'],
        'setup.angle_from' => [
            'short' => 'Gauge counts from',
            'question' => 'From where does the gauge count?',
            'answers' => ['vertical' => 'The vertical', 'horizontal' => 'The horizontal'],
        ],
        'seat.modes.*.angle_min' => [
            'short' => 'Least angle',
            'question' => 'Which angle from the vertical is the least, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Back of the shell, at least',
        ],
        'seat.modes.*.angle_max' => [
            'short' => 'Greatest angle',
            'question' => 'Which angle from the vertical is the greatest, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Back of the shell, at most',
        ],
        'setup.zone' => ['short' => 'Indicator zone', 'question' => 'In which zone does the indicator stand?'],
        'setup.recline_setting' => ['short' => 'Recline setting', 'question' => 'Which recline setting?'],
        'setup.foot' => ['short' => 'Foot', 'question' => 'In which position is the foot of the base?'],
        'setup.overhang' => ['short' => 'Overhang', 'question' => 'How far does the base hang over the cushion\'s edge?'],
        'setup.base_on_cushion' => ['short' => 'Base on cushion', 'question' => 'How much of the base stands on the cushion, in per cent?'],
        'seat.overhang_max' => [
            'short' => 'Overhang, at most',
            'question' => 'How far may the base hang over, by the seat\'s manual?',
            'hint' => 'From the label or the manual of this seat.',
            'manual' => 'Overhang, at most',
        ],
        'setup.tether.used' => [
            'short' => 'Tether',
            'question' => 'Is the tether hooked on?',
            'answers' => ['yes' => 'Hooked on', 'no' => 'Not used'],
        ],
        'setup.tether.slack' => ['short' => 'Tether slack', 'question' => 'Is there slack in the tether?'],
        'setup.tether.overtight' => ['short' => 'Tether overtight', 'question' => 'Is the tether drawn so hard that the seat shifts?'],
        'setup.tether.twisted' => ['short' => 'Tether twist', 'question' => 'Is the tether twisted?'],
        'setup.tether.routed' => ['short' => 'Tether route', 'question' => 'Does the tether run as the vehicle shows?'],
        'setup.parts_fitted' => ['short' => 'Parts on', 'question' => 'Which of these parts are on?'],
        'setup.side_pod' => [
            'short' => 'Side pods',
            'question' => 'Which side pods are out?',
            'answers' => ['door_side' => 'Door side', 'both' => 'Both', 'none' => 'None'],
        ],
        'setup.wedge' => [
            'short' => 'Under the seat',
            'question' => 'Is something under the seat?',
            'answers' => ['none' => 'Nothing', 'noodle' => 'Noodle', 'towel' => 'Towel'],
        ],
        'setup.wedge_count' => ['short' => 'How many under it', 'question' => 'How many noodles or towels lie under the seat?'],
        'seat.wedge_ok' => [
            'short' => 'Wedge allowed',
            'question' => 'Does the maker allow a noodle or towel?',
            'manual' => 'Noodle or towel under it',
        ],
        'seat.base_length' => [
            'short' => 'Base length',
            'question' => 'How long is the part of the base that rests on the cushion?',
            'manual' => 'Base that rests on the cushion',
        ],

        // Buckle
        'setup.harness.buckled' => ['short' => 'Buckle', 'question' => 'Are the tongues clicked in?'],
        'setup.harness.slot' => ['short' => 'Slot in use', 'question' => 'Which slot do the straps come from, counted from the lowest?'],
        'setup.harness.strap' => [
            'short' => 'Strap at shoulder',
            'question' => 'Where does the strap leave the seat?',
            'answers' => ['below' => 'Below the shoulder', 'at' => 'At the shoulder', 'above' => 'Above the shoulder'],
        ],
        'setup.harness.strap_offset' => [
            'short' => 'Strap offset',
            'question' => 'How far above the shoulder is the strap? Below counts as minus.',
        ],
        'seat.strap_rule_rear' => [
            'short' => 'Its rule, rear-facing',
            'question' => 'Where must the straps leave the seat rear-facing, by its manual?',
            'answers' => [
                'at_or_below' => 'At or below the shoulder',
                'at_or_above' => 'At or above the shoulder',
                'level_to_25_above' => 'Level, to 25 mm above',
            ],
            'manual' => 'Straps rear-facing',
        ],
        'seat.strap_rule_forward' => [
            'short' => 'Its rule, forward',
            'question' => 'Where must the straps leave the seat forward-facing, by its manual?',
            'answers' => [
                'at_or_below' => 'At or below the shoulder',
                'at_or_above' => 'At or above the shoulder',
                'level_to_25_above' => 'Level, to 25 mm above',
            ],
            'manual' => 'Straps forward-facing',
        ],
        'seat.slots' => [
            'short' => 'Slots',
            'question' => 'How high above the cushion are the harness slots?',
            'hint' => 'One height a line, the lowest first.',
            'manual' => 'Heights of the harness slots',
        ],
        'seat.slots.*.height' => ['short' => 'Slot height', 'question' => 'How high is this slot above the cushion?'],
        'setup.harness.tightness.test' => [
            'short' => 'Test done',
            'question' => 'Which test was done at the shoulder?',
            'answers' => ['pinch' => 'Pinch', 'finger' => 'One finger'],
        ],
        'setup.harness.tightness.passes' => [
            'short' => 'Test',
            'question' => 'Does the tightness test pass?',
            'hint' => 'Pinch: nothing stays between the fingers. One finger: one goes in, two do not.',
            'answers' => ['yes' => 'Passes', 'no' => 'Fails'],
        ],
        'seat.tightness_test' => [
            'short' => 'Its test',
            'question' => 'Which test does the seat\'s manual name?',
            'answers' => ['pinch' => 'Pinch', 'finger' => 'One finger'],
            'manual' => 'Tightness test',
        ],
        'setup.harness.clip' => [
            'short' => 'Chest clip',
            'question' => 'Where is the chest clip?',
            'answers' => ['high' => 'Too high', 'armpit' => 'At the armpits', 'low' => 'Too low', 'none' => 'Undone'],
        ],
        'seat.chest_clip' => ['short' => 'Has a chest clip', 'question' => 'Has this seat a chest clip?', 'manual' => 'Has a chest clip'],
        'setup.harness.crotch.under_child' => ['short' => 'Crotch strap', 'question' => 'Is the crotch strap under the child?'],
        'setup.harness.crotch.slot' => ['short' => 'Crotch slot', 'question' => 'Which crotch slot is used, counted from the back?'],
        'setup.harness.crotch.nearest_clear' => [
            'short' => 'Nearest crotch slot',
            'question' => 'Is it the nearest allowed slot that is clear of the child?',
        ],
        'setup.harness.too_tight' => ['short' => 'Too tight', 'question' => 'Do the straps press into the skin?'],
        'setup.harness.twisted' => ['short' => 'Straps', 'question' => 'Is a harness strap twisted?'],
        'setup.harness.slouch' => ['short' => 'Sitting', 'question' => 'Are bottom or back away from the seat?'],
        'setup.harness.coat' => ['short' => 'Coat', 'question' => 'Is a bulky coat under the harness?'],
        'setup.harness.padding' => [
            'short' => 'Padding',
            'question' => 'Is anything behind or beneath the child that the maker did not supply?',
        ],
        'setup.harness.insert' => ['short' => 'Insert', 'question' => 'Which of the maker\'s inserts is in the seat?'],
        'setup.harness.head_support_ok' => ['short' => 'Head support', 'question' => 'Is the head support just above the shoulders?'],
        'setup.harness.hips_snug' => ['short' => 'Hips', 'question' => 'Is the harness snug at the hips?'],
        'setup.harness.tail_loose' => ['short' => 'Strap end', 'question' => 'Does the free end of the strap lie loose?'],
        'setup.booster.lap' => [
            'short' => 'Lap part',
            'question' => 'Where does the lap part lie?',
            'answers' => ['thighs' => 'On the thighs', 'belly' => 'On the belly'],
        ],
        'setup.booster.shoulder' => [
            'short' => 'Shoulder part',
            'question' => 'Where does the shoulder part lie?',
            'answers' => ['neck' => 'At the neck', 'mid_chest' => 'Mid-chest', 'off_shoulder' => 'Off the shoulder'],
        ],
        'setup.booster.under_arm' => ['short' => 'Under the arm', 'question' => 'Is the shoulder part under the arm or behind the back?'],
        'setup.booster.guides_ok' => [
            'short' => 'Guides',
            'question' => 'Does the belt run through its guides, on the buckle side both parts under?',
        ],
        'setup.booster.guides_missed' => [
            'short' => 'Guides missed',
            'question' => 'Which guides does the belt miss?',
            'answers' => [
                'lap_buckle_side' => 'Arm rest, buckle side',
                'lap_door_side' => 'Arm rest, door side',
                'shoulder' => 'Shoulder guide',
            ],
        ],
        'setup.booster.slouch' => ['short' => 'Sits away from the back', 'question' => 'Are bottom or back away from the back?'],
        'setup.booster.slack' => ['short' => 'Shoulder part loose', 'question' => 'Does the shoulder part hang loose on the chest?'],
        'setup.booster.head_support_ok' => [
            'short' => 'Head part',
            'question' => 'Is the head part raised so that its guide is at the shoulder?',
        ],
        'setup.booster.ears_above' => ['short' => 'Ears', 'question' => 'Are the ears above the top of the back or head restraint?'],
        'setup.booster.belt_locked' => ['short' => 'Belt locked', 'question' => 'Is the belt locked over the child?'],

        // Hand over
        'handover' => [
            'short' => 'Handover',
            'question' => 'Has the family done it itself, and who signs?',
            'hint' => 'Ask whether the family has shown it back, then sign.',
        ],
        'handover.shown_back' => ['short' => 'Shown back', 'question' => 'Has the family done it themselves and shown it back?'],
        'handover.technician' => ['short' => 'Technician', 'question' => 'Who worked here?'],
        'handover.technician.certified_until' => [
            'short' => 'Technician certified until',
            'question' => 'Until when is the technician certified?',
            'hint' => 'As the certification card says.',
        ],
        'handover.checker' => [
            'short' => 'Second signer',
            'question' => 'Who looked a second time?',
            'hint' => 'Somebody other than the technician.',
        ],
        'handover.checker.certified_until' => [
            'short' => 'Second signer certified until',
            'question' => 'Until when is the second signer certified?',
            'hint' => 'As the certification card says.',
        ],

        // Entered from the manual alone
        'seat.name' => ['manual' => 'Trade name'],
        'seat.side_pod' => ['manual' => 'Side pod out at'],
        'seat.modes.*.age_min_months' => ['manual' => 'From the age of'],
        'seat.modes.*.age_max_months' => ['manual' => 'To the age of'],
        'seat.modes.*.recline' => ['manual' => 'Recline settings'],
        'seat.modes.*.crotch_slots' => ['manual' => 'Crotch-strap slots allowed'],
        'seat.modes.*.slots_forbidden' => ['manual' => 'Harness slots forbidden'],
        'seat.modes.*.handle_positions' => ['manual' => 'Carrying handle for travel'],
        'seat.modes.*.foot' => ['manual' => 'Foot of the base'],
        'seat.modes.*.webbing' => ['manual' => 'Webbing through the path'],
        'seat.modes.*.upright_when_sits' => ['manual' => 'More upright once the child sits'],
        'seat.modes.*.parts_required' => ['manual' => 'Parts it needs'],
        'seat.modes.*.parts_forbidden' => ['manual' => 'Parts it forbids'],
        'seat.modes.*.shoulder_markers' => ['manual' => 'Has shoulder markers'],
    ];
}
