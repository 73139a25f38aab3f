<x-layout :title="__('sheet.title', ['title' => $sheet->answer->title])">
<div class="heading-row no-print">
    <h1>{{ __('sheet.heading', ['title' => $sheet->answer->title]) }}</h1>
    <div class="actions">
        @foreach (App\View\Workbench\Paper::cases() as $paper)
            <x-button size="sm" :kind="$paper === $sheet->paper ? 'primary' : 'plain'" :aria-current="$paper === $sheet->paper ? 'true' :
                null"
                :href="route('answers.sheet', [$sheet->answer, 'paper' => $paper->value])">{{ ucfirst($paper->value) }}</x-button>
        @endforeach
        <x-button kind="rust" size="sm" :href="route('answers.pdf', [$sheet->answer,
            'paper' => $sheet->paper->value])">{{ __('sheet.pdf') }}</x-button>
        <x-button size="sm" :href="route('answers.show', $sheet->answer)">{{ __('words.back') }}</x-button>
    </div>
</div>
<p class="form-text no-print">{{ __('sheet.print', ['paper' => ucfirst($sheet->paper->value)]) }}</p>
<div class="sheet sheet-{{ $sheet->paper->value }}">
    @include('sheet.words')
    <div class="sheet-floors sheet-floors-{{ $sheet->columns() }}">
        @foreach ($sheet->floors as $floor)
            <figure>
                <div class="sheet-pair">@include('workbench.drawing', ['picture' => $floor['picture'], 'label' => $floor['label']])
                    @include('workbench.side', ['picture' => $floor['side'], 'label' => $floor['label']])</div>
                <figcaption>{{ $floor['caption'] }}</figcaption>
            </figure>
        @endforeach
    </div>
    @if ($sheet->showsScore())
        <div class="sheet-score">@include('workbench.score', ['picture' => $sheet->bench->score, 'label' => __('floor.score.label')])</div>
    @endif
    @if ($mistake = $sheet->mistake())
        <div class="sheet-mistake"><p><strong>{{ $mistake->text }}</strong> {{ $mistake->breaks }}</p>@include('workbench.mistake')</div>
    @endif
    @include('sheet.foot')
</div>
</x-layout>
