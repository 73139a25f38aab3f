<x-unreadable-row :title="$attack->title" :why="$why" :edit="route('attacks.edit', $attack)" :destroy="route('attacks.destroy', $attack)"
:may="auth()->user()->can('update', $attack)"/>
