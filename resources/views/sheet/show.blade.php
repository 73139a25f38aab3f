<x-layout :title="'Sheet: '.$sheet->answer->title">
    <div class="heading-row no-print">
        <h1>A sheet of “{{ $sheet->answer->title }}”</h1>
        <div class="actions">
            @foreach (App\Workbench\Paper::cases() as $paper)<a class="btn btn-sm {{ $paper === $sheet->paper ? 'btn-primary' : 'btn-plain' }}" href="{{ route('answers.sheet', [$sheet->answer, 'paper' => $paper->value]) }}" @if ($paper === $sheet->paper) aria-current="true" @endif>{{ ucfirst($paper->value) }}</a>@endforeach
            <a class="btn btn-rust btn-sm" href="{{ route('answers.pdf', [$sheet->answer, 'paper' => $sheet->paper->value]) }}">As PDF</a>
            <a class="btn btn-plain btn-sm" href="{{ route('answers.show', $sheet->answer) }}">Back</a>
        </div>
    </div>
    <p class="form-text no-print">Print this page (Ctrl+P): it fits one page of {{ ucfirst($sheet->paper->value) }}.</p>
    <div class="sheet sheet-{{ $sheet->paper->value }}">
        @include('sheet.words')
        <div class="sheet-floors sheet-floors-{{ $sheet->columns() }}">
            @foreach ($sheet->floors as $floor)<figure>@include('workbench.drawing', ['picture' => $floor['picture'], 'label' => 'The floor at beat '.$floor['beat']->frame->number])<figcaption>{{ $floor['beat']->frame->number === '0' ? 'Start' : 'Beat '.$floor['beat']->frame->number }} · {{ number_format($floor['beat']->frame->distance, 2) }} m {{ implode(' · ', $floor['beat']->strikes()) }}</figcaption></figure>@endforeach
        </div>
        @include('sheet.foot')
    </div>
</x-layout>
