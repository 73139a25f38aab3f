<x-unreadable-row :title="$answer->title" :why="$why" :edit="route('answers.edit', $answer)" :destroy="route('answers.destroy', $answer)"
:may="auth()->user()->can('update', $answer)">
<h2>{{ __('answers.as-stored') }}</h2>
<pre class="slab beats-stored">{{ Str::limit($answer->beats, 20000) }}</pre>
</x-unreadable-row>
