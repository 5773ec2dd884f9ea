ALTER TABLE "connectors" ADD COLUMN "branch" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "connectors" ADD COLUMN "module" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "sources" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "words" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "circuit" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "condition" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "colour_system" text;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "identified" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "sources" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "doubts" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "pins" ADD COLUMN "claims" jsonb DEFAULT '[]'::jsonb NOT NULL;