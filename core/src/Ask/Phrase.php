<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ACircuitOrStripCarries0 = 'a-circuit-or-strip-carries0';
    case AJSONObject = 'ajson-object';
    case AList = 'a-list';
    case AListOfWords = 'a-list-of-words';
    case AListOrAnObject = 'a-list-or-an-object';
    case AnObject = 'an-object';
    case ANumber = 'a-number';
    case AsDescribed = 'as-described';
    case AtLeast = 'at-least';
    case AtLeastOne = 'at-least-one';
    case AtMost = 'at-most';
    case AValue = 'a-value';
    case AWholeNumberFrom1 = 'a-whole-number-from1';
    case Below = 'below';
    case CountNumbers = 'count-numbers';
    case DepthsMmMustHoldAtLeast = 'depths-mm-must-hold-at-least';
    case ExactlyOneOfCo2PpmAndDicMmolKg = 'exactly-one-of-co2-ppm-and-dic-mmol-kg';
    case HoldsWords = 'holds-words';
    case InputIsNotWellFormedJSON = 'input-is-not-well-formed-json';
    case InputMustBeAJSONObject = 'input-must-be-ajson-object';
    case InsertMustHoldExactlyOneVisit = 'insert-must-hold-exactly-one-visit';
    case IsMissing = 'is-missing';
    case IsNotAField = 'is-not-a-field';
    case IsNotAFieldOf = 'is-not-a-field-of';
    case IsNotAHazard = 'is-not-a-hazard';
    case IsNotOneOfTheKnown = 'is-not-one-of-the-known';
    case List = 'list';
    case MoreThan = 'more-than';
    case MoveDevicesToAnotherCircuit = 'move-devices-to-another-circuit';
    case MustBeAList = 'must-be-a-list';
    case MustBeAListOr = 'must-be-a-list-or';
    case MustBeAnObject = 'must-be-an-object';
    case MustBeAnObjectGot = 'must-be-an-object-got';
    case MustBeAPlainFiniteNumber = 'must-be-a-plain-finite-number';
    case MustBeTrueOrFalse = 'must-be-true-or-false';
    case NobodyIsThere = 'nobody-is-there';
    case NumbersOfASizeThatOccurs = 'numbers-of-a-size-that-occurs';
    case OneAtLeast = 'one-at-least';
    case OneJSONObject = 'one-json-object';
    case OneOfTheTwo = 'one-of-the-two';
    case OneVisit = 'one-visit';
    case OnlyList = 'only-list';
    case OnlyQuestionInput = 'only-question-input';
    case QuestionIsNotOneThisProgram = 'question-is-not-one-this-program';
    case TheFullestCircuitCarries = 'the-fullest-circuit-carries';
    case TheNameOfAHazard = 'the-name-of-a-hazard';
    case TheseNumbersLeadBeyond = 'these-numbers-lead-beyond';
    case ThisAndThat = 'this-and-that';
    case ThisAnswerNeeds = 'this-answer-needs';
    case TrueOrFalse = 'true-or-false';
    case ValuesMustHoldAsManyNumbers = 'values-must-hold-as-many-numbers';
    case VesselsLMustHoldAtLeast = 'vessels-l-must-hold-at-least';

    public static function room(): string
    {
        return 'ask';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
