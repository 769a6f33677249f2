<?php

declare(strict_types=1);

namespace App\Reports;

use App\Reports\Views\ReportView;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Attachment;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Velbrin\Core\Measure\Units;

/** The report by mail: the same plain sentences, and the paper attached. */
final class ReportMail extends Mailable
{
    public function __construct(private readonly Report $report, private readonly Units $inUnits)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "Your aquarium: our visit to {$this->report->site?->name}");
    }

    public function content(): Content
    {
        return new Content(
            text: 'reports.mail',
            with: [
                'view' => ReportView::of($this->report, $this->inUnits),
                'link' => url("/reports/{$this->report->id}"),
            ],
        );
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return [
            Attachment::fromData(
                fn (): string => ReportPdf::of($this->report, $this->inUnits),
                "visit-report-{$this->report->id}.pdf",
            )->withMime('application/pdf'),
        ];
    }
}
