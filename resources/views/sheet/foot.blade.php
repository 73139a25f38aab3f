@if ($sheet->answer->mistakes !== [])
<p class="sheet-mistakes"><strong>{{ __('sheet.mistakes') }}</strong> {{ implode(' · ', $sheet->answer->mistakes) }}</p>
@endif
<p class="sheet-card"><strong>{{ __('card.title') }}:</strong> {{ implode(' ', $sheet->card()->rows()) }}</p>
<p class="sheet-cautions"><strong>{{ __('sheet.cautions') }}</strong> {{ implode(' ', $sheet->cautions()) }}</p>
