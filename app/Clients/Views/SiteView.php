<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Attachment;
use App\Clients\Contact;
use App\Clients\Enquiry;
use App\Clients\Passage;
use App\Clients\Room;
use App\Clients\Site;
use App\Clients\SiteCode;
use App\Team\User;
use Velbrin\Core\Build\SurveySheet;

/** A place as it is walked through. */
final readonly class SiteView
{
    /**
     * @param  array<string, string|null>  $texts
     * @param  array<string, string|null>  $accessHours
     * @param  list<ContactView>  $contacts
     * @param  list<RoomView>  $rooms
     * @param  list<PassageView>  $passages
     * @param  list<CodeView>  $codes
     * @param  list<AttachmentView>  $attachments
     * @param  list<NamedView>  $plans
     * @param  list<NamedView>  $systems
     * @param  list<FactSpecView>  $sheet
     * @param  array<string, string>  $groups
     * @param  array<string, array{0: string, 1: string}>  $asks  what an enquiry asks, with a hint
     * @param  list<string>  $missing  what nobody has said about the household and the access
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $clientId,
        public string $clientName,
        public string $timezone,
        public array $texts,
        public array $accessHours,
        public array $contacts,
        public array $rooms,
        public array $passages,
        public array $codes,
        public bool $mayReveal,
        public array $attachments,
        public array $plans,
        public array $systems,
        public array $sheet,
        public array $groups,
        public array $missing,
        public RoundsFactsView $rounds,
        public EnquiryView $enquiry,
        public array $asks,
        public string $aboutStamp,
        public string $enquiryStamp,
        public string $passagesStamp,
    ) {
    }

    private const TEXTS = [
        'access_note' => 'How to get in',
        'parking' => 'Parking',
        'floor_protection' => 'Floor protection',
        'noise' => 'Noise limits',
        'pets' => 'Pets',
        'residents' => 'Residents',
        'children' => 'Children',
        'absences' => 'Absences and who covers them',
    ];

    /** @return array<string, string> */
    public static function textLabels(): array
    {
        return self::TEXTS;
    }

    /** @param  array<string, list<NamedView>>  $lines by what a higher room keeps here */
    public static function of(Site $site, User $user, array $lines): self
    {
        $texts = ['street' => $site->street, 'town' => $site->town];
        $missing = [];
        foreach (self::TEXTS as $key => $label) {
            $value = $site->getAttribute($key);
            $texts[$key] = is_string($value) ? $value : null;
            if ($texts[$key] === null) {
                $missing[] = $label;
            }
        }
        /** @var array<string, string|null> $hours */
        $hours = $site->access_hours ?? [];
        $client = $site->client;

        return new self(
            id: $site->id,
            name: $site->name,
            clientId: $site->client_id,
            clientName: (string) $client?->name,
            timezone: $site->timezone,
            texts: $texts,
            accessHours: $hours,
            contacts: array_values(
                ($client->contacts ?? collect())->map(fn (Contact $c): ContactView => ContactView::of($c))->all(),
            ),
            rooms: array_values($site->rooms->map(fn (Room $r): RoomView => RoomView::of($r))->all()),
            passages: array_values($site->passages->map(fn (Passage $p): PassageView => PassageView::of($p))->all()),
            codes: array_values($site->codes->map(fn (SiteCode $c): CodeView => new CodeView($c->id, $c->label))->all()),
            mayReveal: $user->plans(),
            attachments: array_values($site->attachments->map(fn (Attachment $a): AttachmentView => AttachmentView::of($a))->all()),
            plans: $lines['plans'] ?? [],
            systems: $lines['systems'] ?? [],
            sheet: array_values(array_map(FactSpecView::ofSurvey(...), SurveySheet::fields())),
            groups: SurveySheet::GROUPS,
            missing: $missing,
            rounds: RoundsFactsView::of($site),
            enquiry: EnquiryView::of($site, $user),
            asks: Enquiry::WORDS,
            aboutStamp: $site->aboutStamp(),
            enquiryStamp: $site->enquiryStamp(),
            passagesStamp: $site->passagesStamp(),
        );
    }
}
