# frozen_string_literal: true

# Lines that fit beside a second window: RuboCop sees to Ruby, spec/web/views_spec.rb to views.
RSpec.describe "Lines" do
  root = File.expand_path("..", __dir__)

  # Numbers of the lines of a YAML text that stand in a literal block ("|"), where each line is content.
  def literal(lines)
    inside = nil
    lines.each_index.select do |index|
      depth = lines[index][/\A */].size
      inside = nil if inside && !lines[index].strip.empty? && depth <= inside
      starts = inside.nil? && lines[index].match?(/[:-] \|[-+]?\s*\z/)
      inside = depth if starts
      inside && !starts
    end
  end

  %w[web/public/css/*.css web/public/js/*.js data/**/*.yml .rubocop.yml].each do |pattern|
    it "of #{pattern} are of at most 110 columns" do
      long = Dir[File.join(root, pattern)].flat_map do |path|
        lines = File.readlines(path, chomp: true)
        exempt = path.end_with?(".yml") ? literal(lines) : []
        lines.each_index.select { |index| lines[index].size > 110 && !exempt.include?(index) }
             .map { |index| "#{path.delete_prefix("#{root}/")}:#{index + 1}" }
      end
      expect(long).to eq([])
    end
  end
end
