<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What can hurt people (R-16, R-61): never priced, never traded against a budget; open until somebody competent has answered. */
enum PeopleHazard: string
{
    case WetElectrics = 'wet-electrics';
    case CarbonDioxide = 'carbon-dioxide';
    case Ozone = 'ozone';
    case Ultraviolet = 'ultraviolet';
    case Generator = 'generator';

    public function label(): string
    {
        return match ($this) {
            self::WetElectrics => 'Electricity beside water',
            self::CarbonDioxide => 'Carbon dioxide in a closed room',
            self::Ozone => 'Ozone in the room’s air',
            self::Ultraviolet => 'UV to the eyes',
            self::Generator => 'A generator’s exhaust and its way into the house',
        };
    }

    /** What has to be true; answered by whoever looked. */
    public function asks(): string
    {
        return match ($this) {
            self::WetElectrics => 'Earth-fault switch tested, no socket where water can run, drip loops',
            self::CarbonDioxide => 'Detector that sounds, air from outside, bottle tied upright',
            self::Ozone => 'Carbon on the air and the water that leave it, a monitor, air from outside',
            self::Ultraviolet => 'Lamp goes off when the housing is opened',
            self::Generator => 'Outdoors only, transfer switch by an electrician, detector for its exhaust',
        };
    }

    public function whoSays(): Phrase
    {
        return $this === self::Ultraviolet || $this === self::Ozone
            ? Phrase::LookBeforeItRunsAgain
            : Phrase::ALicensedElectricianOrInstallerSays;
    }

    /** @param  bool|null  $answer  null: nobody has looked; false: it is not so */
    public function finding(?bool $answer): Finding
    {
        $parts = ['hazard' => $this->label(), 'asks' => $this->asks()];
        $says = Sentence::of($this->whoSays());

        return match ($answer) {
            true => Finding::of(
                Severity::Fine,
                'R-16',
                $this->value,
                Sentence::of(Phrase::LookedAt, $parts),
                Sentence::of(Phrase::Asks, $parts),
                null,
                Basis::Measured,
            ),
            false => Finding::of(
                Severity::Stop,
                'R-16',
                $this->value,
                Sentence::of(Phrase::NotAsItMustBe, $parts),
                Sentence::of(Phrase::ItMustHold, $parts),
                $says,
                Basis::Measured,
            ),
            null => Finding::of(
                Severity::Fix,
                'R-16',
                $this->value,
                Sentence::of(Phrase::NobodyHasLooked, $parts),
                Sentence::of(Phrase::ItMustHold, $parts),
                $says,
                Basis::Assumed,
            ),
        };
    }
}
